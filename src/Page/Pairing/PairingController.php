<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Pairing;

use Rinkel\App\Pairing\Pairing;
use Rinkel\App\Platform\Http\ChangesNothing;
use Rinkel\App\Platform\Http\RequestData;
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

    #[Route('/pair', 'pair', methods: 'POST')]
    #[ChangesNothing]
    public function pair(Request $request): Response
    {
        $sent = RequestData::form($request);
        $to = $sent->like('to', '~^/(?![/\\\\])[\x21-\x7e]{0,400}$~D', '/');
        $isWord = $this->pairing->isWord($sent->raw('word'));
        if (true === $isWord) {
            $response = $this->redirect($to, Response::HTTP_SEE_OTHER);
            $response->headers->setCookie($this->pairing->cookie());

            return $response;
        }

        return $this->render('pairing/pair.html.twig', [
            'wrong' => null === $isWord ? new Message('pairing-wait') : new Message('pairing-wrong'), 'to' => $to,
        ], new Response(
            status: null === $isWord ? Response::HTTP_TOO_MANY_REQUESTS : Response::HTTP_UNPROCESSABLE_ENTITY,
            headers: ['Cache-Control' => 'no-store'],
        ));
    }
}
