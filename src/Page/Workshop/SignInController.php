<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Workshop;

use Rinkel\App\Platform\Http\ChangesNothing;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Workshop\Member;
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
 * Somebody signs in by their name and password; or by the word they were given, with which they choose one.
 */
final class SignInController extends AbstractController
{
    /** Where somebody may be led afterwards: a path of ours. */
    private const PATH = '~^/(?![/\\\\])[\x21-\x7e]{0,400}$~D';

    public function __construct(
        private readonly SignIns $signIns,
        private readonly Workshop $workshop,
    ) {}

    #[Route('/sign-in', 'sign_in', methods: 'GET')]
    public function show(Request $request): Response
    {
        return $this->workshop->isOn() && null === $this->workshop->me()
            ? $this->page('sign_in', ['to' => LooseData::query($request)->like('to', self::PATH, '/')])
            : $this->redirectToRoute('table', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/sign-in', 'sign_in_do', methods: 'POST')]
    #[ChangesNothing]
    public function signIn(Request $request): Response
    {
        return $this->check($request, function (Member $member, LooseData $sent) use ($request): Response {
            return $member->hasPassword()
                ? $this->enter($member, $sent, $request)
                : $this->choosing($member, $sent);
        });
    }

    /**
     * Chooses a password by the word that was given, and signs in with it.
     */
    #[Route('/sign-in/password', 'sign_in_choose', methods: 'POST')]
    #[ChangesNothing]
    public function choose(Request $request): Response
    {
        return $this->check($request, function (Member $member, LooseData $sent) use ($request): Response {
            $fault = Passwords::fault($sent->raw('new'), $member->name());
            if (null !== $fault) {
                return $this->choosing($member, $sent, $fault);
            }
            $this->workshop->choose($member, $sent->raw('new'));

            return $this->enter($member, $sent, $request);
        });
    }

    #[Route('/sign-out', 'sign_out', methods: 'POST')]
    public function signOut(Request $request): Response
    {
        $this->signIns->signOut($request);
        $response = $this->redirectToRoute('sign_in', status: Response::HTTP_SEE_OTHER);
        $response->headers->clearCookie(SignIns::COOKIE);

        return $response;
    }

    /**
     * @param \Closure(Member, LooseData): Response $then
     */
    private function check(Request $request, \Closure $then): Response
    {
        $sent = LooseData::form($request);
        try {
            $member = $this->workshop->isOn() ? $this->signIns->check(
                $sent->text('name', Member::LONGEST),
                $sent->raw('password'),
                (string) $request->getClientIp(),
            ) : null;
        } catch (TooManyGuesses) {
            return $this->page('sign_in', self::typed($sent), new Message('sign-in-wait'), 429);
        }

        return null === $member
            ? $this->page('sign_in', self::typed($sent), new Message('sign-in-wrong'))
            : $then($member, $sent);
    }

    /**
     * Asks for a password, with the word beside that lets them choose it.
     */
    private function choosing(Member $member, LooseData $sent, ?Message $fault = null): Response
    {
        $with = ['name' => $member->name(), 'word' => $sent->raw('password')] + self::typed($sent);

        return $this->page('choose', $with, $fault);
    }

    private function enter(Member $member, LooseData $sent, Request $request): Response
    {
        $response = $this->redirect($sent->like('to', self::PATH, '/'), Response::HTTP_SEE_OTHER);
        $response->headers->setCookie($this->signIns->signIn($member, $request->isSecure()));

        return $response;
    }

    /**
     * @return array<string, string> what stays in the form; never what is secret
     */
    private static function typed(LooseData $sent): array
    {
        return ['to' => $sent->like('to', self::PATH, '/'), 'name' => $sent->text('name', Member::LONGEST)];
    }

    /**
     * @param array<string, string> $with
     */
    private function page(string $form, array $with, ?Message $wrong = null, int $status = 422): Response
    {
        return $this->render(
            'workshop/'.$form.'.html.twig',
            $with + ['name' => '', 'wrong' => $wrong, 'least' => Passwords::LEAST],
            new Response(
                status: null === $wrong ? Response::HTTP_OK : $status,
                headers: ['Cache-Control' => 'no-store'],
            ),
        );
    }
}
