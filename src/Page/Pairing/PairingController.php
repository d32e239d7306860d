<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Pairing;

use Rinkel\App\Pairing\Pairing;
use Rinkel\App\Platform\Http\ChangesNothing;
use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Message;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Pairs a device by the word that somebody types on it.
 */
final class PairingController extends AbstractController
{
    public function __construct(private readonly Pairing $pairing) {}

    /**
     * Where the code leads that this machine shows: a device that is paired already has nothing to do here.
     */
    #[Route('/pair', 'pair_here', methods: 'GET')]
    public function here(): Response
    {
        return $this->redirectToRoute('table', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/pair', 'pair', methods: 'POST')]
    #[ChangesNothing]
    public function pair(Request $request): Response
    {
        $sent = LooseData::form($request);
        $to = $sent->like('to', '~^/(?![/\\\\])[\x21-\x7e]{0,400}$~D', '/');
        $token = $this->pairing->pair($sent->raw('word'), (string) $request->headers->get('User-Agent'));
        if (null !== $token && '' !== $token) {
            $response = $this->redirect($to, Response::HTTP_SEE_OTHER);
            $response->headers->setCookie($this->pairing->cookie($token));

            return $response;
        }

        return $this->render('pairing/pair.html.twig', [
            'word' => '', 'wrong' => null === $token ? new Message('pairing-wait') : new Message('pairing-wrong'),
            'to' => $to,
        ], new Response(
            status: null === $token ? Response::HTTP_TOO_MANY_REQUESTS : Response::HTTP_UNPROCESSABLE_ENTITY,
            headers: ['Cache-Control' => 'no-store'],
        ));
    }
}
