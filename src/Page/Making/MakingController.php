<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Making;

use Rinkel\App\Board\Boards;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Log\Photos;
use Rinkel\App\Log\Reopener;
use Rinkel\App\Making\KeptMakings;
use Rinkel\App\Making\MakingPlans;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\PlanAdoption;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Stock\StockMovements;
use Rinkel\App\Stock\TakenMeanwhile;
use Rinkel\App\Svg\DrawingFile;
use Rinkel\App\Svg\PagePictures;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * One thing that is made: what was cut for it, how far it is, and where it goes next.
 */
final class MakingController extends AbstractController
{
    private const ID = ['id' => '[0-9]{1,18}'];

    public function __construct(
        private readonly Makings $makings,
        private readonly Boards $boards,
        private readonly Pieces $pieces,
        private readonly Reopener $reopener,
        private readonly MakingView $view,
    ) {}

    #[Route('/makings/{id}', 'making', requirements: self::ID, methods: 'GET')]
    public function show(int $id, Request $request, StockMovements $movements): Response
    {
        $isTaken = LooseData::query($request)->has('taken');

        return $this->page($this->making($id), $isTaken ? ['taking' => $movements->lastTaking()] : []);
    }

    /**
     * Lists what was made from a piece.
     */
    #[Route('/pieces/{id}/makings', 'piece_makings', requirements: self::ID, methods: 'GET')]
    public function of(int $id, Request $request, Photos $photos): Response
    {
        $piece = $this->pieces->find($id) ?? throw $this->createNotFoundException();

        return $this->render('making/makings.html.twig', [
            'piece' => $piece,
            'makings' => $this->makings->of($piece),
            'photo' => $photos->has($piece->uid()),
            'unread' => LooseData::query($request)->has('unread') ? Photos::MOST_PIXELS : 0,
        ]);
    }

    #[Route('/makings/{id}/small.svg', 'making_small', requirements: self::ID, methods: 'GET')]
    public function picture(int $id, MakingPlans $plans, PagePictures $pictures, DrawingFile $files): Response
    {
        try {
            return $files->response($pictures->small($plans->plan($this->making($id)), $id));
        } catch (PieceUnreadable) {
            throw $this->createNotFoundException();
        }
    }

    /**
     * Plans one thing more of a piece, which nothing is cut for yet.
     */
    #[Route('/pieces/{id}/makings', 'making_plan', requirements: self::ID, methods: 'POST')]
    public function plan(int $id): Response
    {
        $piece = $this->pieces->find($id) ?? throw $this->createNotFoundException();
        $making = $this->makings->plan($piece);
        $this->makings->keep($making);

        return $this->to($making);
    }

    #[Route('/makings/{id}/board', 'making_board', requirements: self::ID, methods: 'POST')]
    public function board(int $id): Response
    {
        $making = $this->making($id);
        try {
            $board = $this->boards->lay($making);

            return $this->redirectToRoute('board', ['id' => $board->id()], Response::HTTP_SEE_OTHER);
        } catch (PieceUnreadable) {
            return $this->to($making);
        }
    }

    #[Route('/makings/{id}/deliver', 'making_deliver', requirements: self::ID, methods: 'POST')]
    public function deliver(int $id): Response
    {
        $making = $this->making($id);
        $this->makings->delivered($making, true);

        return null === $making->order()
            ? $this->to($making)
            : $this->redirectToRoute('order', ['id' => $making->order()->id()], Response::HTTP_SEE_OTHER);
    }

    #[Route('/makings/{id}/back', 'making_back', requirements: self::ID, methods: 'POST')]
    public function back(int $id, Request $request): Response
    {
        $making = $this->making($id);
        $to = MakingState::tryFrom(LooseData::form($request)->raw('to'));
        $piece = $making->piece();
        try {
            if (null !== $to && $to->isBefore($making->state())) {
                $this->reopener->back($making, $to);
            }
        } catch (TakenMeanwhile) {
            return $this->page($this->making($id), ['late' => true], Response::HTTP_CONFLICT);
        }
        $still = $this->makings->find($id);

        return match (true) {
            null !== $still => $this->to($still),
            null !== $piece => $this->redirectToRoute('piece', ['id' => $piece->id()], Response::HTTP_SEE_OTHER),
            default => $this->redirectToRoute('table', [], Response::HTTP_SEE_OTHER),
        };
    }

    /**
     * Puts one of its cords into the box.
     */
    #[Route('/makings/{id}/cord', 'making_cord', requirements: self::ID, methods: 'POST')]
    public function cord(int $id, Request $request): Response
    {
        $making = $this->making($id);
        $piece = $making->piece();
        $this->reopener->cord($making, LooseData::form($request)->raw('cord'));
        $still = $this->makings->find($id);

        return null === $still && null !== $piece
            ? $this->redirectToRoute('piece', ['id' => $piece->id()], Response::HTTP_SEE_OTHER)
            : $this->to($still ?? throw $this->createNotFoundException());
    }

    /**
     * Takes on what its piece is by now, or stays as it was cut.
     */
    #[Route('/makings/{id}/adopt', 'making_adopt', requirements: self::ID, methods: 'POST')]
    public function adopt(int $id, Request $request, PlanAdoption $adopting): Response
    {
        $making = $this->making($id);
        try {
            $adopting->decide($making, '' !== LooseData::form($request)->raw('adopt'));
        } catch (PieceUnreadable) {
            // Its piece says what is wrong with it.
        }

        return $this->to($making);
    }

    /**
     * Makes it once more, or makes the same one again with its beads.
     */
    #[Route('/makings/{id}/again', 'making_again', requirements: self::ID, methods: 'POST')]
    public function again(int $id, Request $request): Response
    {
        $making = $this->making($id);
        $piece = $making->piece();
        try {
            return null === $piece
                ? $this->to($making)
                : $this->to($this->makings->again($making, $piece, LooseData::form($request)->has('repair')));
        } catch (PieceUnreadable) {
            return $this->to($making);
        }
    }

    /**
     * Forgets what was only planned.
     */
    #[Route('/makings/{id}/forget', 'making_forget', requirements: self::ID, methods: 'POST')]
    public function forget(int $id, Bin $bin, KeptMakings $kept): Response
    {
        $making = $this->making($id);
        [$order, $piece] = [$making->order(), $making->piece()];
        if (MakingState::Planned !== $making->state() || [] !== $making->cords()) {
            return $this->to($making);
        }
        $removal = $bin->put($kept, $making);

        return match (true) {
            null !== $order => $this->redirectToRoute(
                'order',
                ['id' => $order->id(), 'removed' => $removal->uid],
                Response::HTTP_SEE_OTHER,
            ),
            null !== $piece => $this->redirectToRoute('piece_makings', ['id' => $piece->id()], Response::HTTP_SEE_OTHER),
            default => $this->redirectToRoute('table', ['removed' => $removal->uid], Response::HTTP_SEE_OTHER),
        };
    }

    /**
     * @param array<string, mixed> $more
     */
    private function page(StoredMaking $making, array $more, int $status = Response::HTTP_OK): Response
    {
        return $this->render('making/making.html.twig', $this->view->of($making, $more), new Response(status: $status));
    }

    private function making(int $id): StoredMaking
    {
        return $this->makings->find($id) ?? throw $this->createNotFoundException();
    }

    private function to(StoredMaking $making): Response
    {
        return $this->redirectToRoute('making', ['id' => $making->id()], Response::HTTP_SEE_OTHER);
    }
}
