<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Making;

use Rinkel\App\Log\Photos;
use Rinkel\App\Log\SentPhoto;
use Rinkel\App\Making\Makings;
use Rinkel\App\Piece\Pieces;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Photos of pieces and of what is made.
 */
final class PhotoController extends AbstractController
{
    private const ID = ['id' => '[0-9]{1,18}'];

    public function __construct(
        private readonly Makings $makings,
        private readonly Pieces $pieces,
        private readonly Photos $photos,
    ) {}

    /**
     * Keeps a photo of it as it is now; the one before goes.
     */
    #[Route('/makings/{id}/photo', 'making_photo', requirements: self::ID, methods: 'POST')]
    public function photo(int $id, SentPhoto $photo, MakingView $view): Response
    {
        $making = $this->makings->find($id) ?? throw $this->createNotFoundException();
        if (null === $photo->jpeg) {
            return $this->render(
                'making/making.html.twig',
                $view->of($making, ['unread' => Photos::MOST_PIXELS]),
                new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
            );
        }
        $this->photos->keep($making->uid(), $photo->jpeg);

        return $this->redirectToRoute('making', ['id' => $making->id()], Response::HTTP_SEE_OTHER);
    }

    #[Route('/pieces/{id}/photo', 'piece_photo', requirements: self::ID, methods: 'POST')]
    public function photoOfPiece(int $id, SentPhoto $photo): Response
    {
        $piece = $this->pieces->find($id) ?? throw $this->createNotFoundException();
        if (null !== $photo->jpeg) {
            $this->photos->keep($piece->uid(), $photo->jpeg);
        }

        return $this->redirectToRoute(
            'piece_makings',
            ['id' => $id] + (null === $photo->jpeg ? ['unread' => 1] : []),
            Response::HTTP_SEE_OTHER,
        );
    }

    #[Route('/photos/{uid}.jpg', 'photo', requirements: ['uid' => '[0-9a-f]{32}'], methods: 'GET')]
    public function jpeg(string $uid): Response
    {
        $jpeg = $this->photos->jpeg($uid) ?? throw $this->createNotFoundException();

        return (new Response($jpeg, headers: ['Content-Type' => 'image/jpeg']))->setPrivate()->setMaxAge(60);
    }
}
