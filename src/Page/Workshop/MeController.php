<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Workshop;

use Rinkel\App\Platform\Http\ChangesNothing;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Workshop\Passwords;
use Rinkel\App\Workshop\SignIns;
use Rinkel\App\Workshop\TooManyGuesses;
use Rinkel\App\Workshop\Workshop;
use Rinkel\Core\Message;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Who is signed in here: their password, and the way out.
 */
final class MeController extends AbstractController
{
    public function __construct(
        private readonly Workshop $workshop,
        private readonly SignIns $signIns,
    ) {}

    #[Route('/me', 'me', methods: 'GET')]
    public function show(Request $request): Response
    {
        return null === $this->workshop->me()
            ? $this->redirectToRoute('settings', status: Response::HTTP_SEE_OTHER)
            : $this->page([], LooseData::query($request)->has('kept'));
    }

    /**
     * Another password: with it every other browser is signed out.
     */
    #[Route('/me/password', 'me_password', methods: 'POST')]
    #[ChangesNothing]
    public function password(Request $request): Response
    {
        $me = $this->workshop->me() ?? throw $this->createNotFoundException();
        $sent = LooseData::form($request);
        try {
            $from = (string) $request->getClientIp();
            $isMe = null !== $this->signIns->check($me->name(), $sent->raw('password'), $from);
        } catch (TooManyGuesses) {
            return $this->page(['password' => new Message('sign-in-wait')]);
        }
        $faults = array_filter([
            'password' => $isMe ? null : new Message('password-wrong'),
            'new' => Passwords::fault($sent->raw('new'), $me->name()),
        ]);
        if ([] !== $faults) {
            return $this->page($faults);
        }
        $this->workshop->choose($me, $sent->raw('new'));
        $response = $this->redirectToRoute('me', ['kept' => 1], Response::HTTP_SEE_OTHER);
        $response->headers->setCookie($this->signIns->signIn($me, $request->isSecure()));

        return $response;
    }

    /**
     * @param array<string, Message> $faults by field
     */
    private function page(array $faults, bool $kept = false): Response
    {
        return $this->render('workshop/me.html.twig', [
            'faults' => $faults, 'kept' => $kept, 'least' => Passwords::LEAST,
        ], new Response(
            status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY,
            headers: ['Cache-Control' => 'no-store'],
        ));
    }
}
