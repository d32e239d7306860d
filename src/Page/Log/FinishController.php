<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Log;

use Rinkel\App\Board\Boards;
use Rinkel\App\Board\BoardViews;
use Rinkel\App\Log\PieceFinisher;
use Rinkel\App\Log\SentPhoto;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * A piece is finished: how it came out, and what is left.
 */
final class FinishController extends AbstractController
{
    private const ID = ['id' => '[0-9]{1,18}'];

    public function __construct(
        private readonly PieceFinisher $finishing,
        private readonly Pieces $pieces,
        private readonly Makings $makings,
        private readonly Boards $boards,
        private readonly BoardViews $views,
    ) {}

    /**
     * Finishes what of a piece is on the way; one thing more where nothing is.
     */
    #[Route('/pieces/{id}/finish', 'piece_finish', requirements: self::ID, methods: ['GET', 'POST'])]
    public function finish(int $id, Request $request, SentPhoto $photo): Response
    {
        $stored = $this->pieces->find($id) ?? throw $this->createNotFoundException();
        $running = array_values(array_filter(
            $this->makings->running($stored),
            static fn (StoredMaking $one): bool => MakingState::Planned !== $one->state(),
        ));
        if ([] !== $running && !$request->isMethod('POST')) {
            return $this->redirectToRoute('making_finish', ['id' => $running[0]->id()], Response::HTTP_SEE_OTHER);
        }

        return $this->finishing($this->makings->plan($stored), $request, $photo);
    }

    #[Route('/makings/{id}/finish', 'making_finish', requirements: self::ID, methods: ['GET', 'POST'])]
    public function finishMaking(int $id, Request $request, SentPhoto $photo): Response
    {
        $making = $this->makings->find($id) ?? throw $this->createNotFoundException();
        if (null !== $making->at(MakingState::Made)) {
            return $this->redirectToRoute('making', ['id' => $id], Response::HTTP_SEE_OTHER);
        }

        return $this->finishing($making, $request, $photo);
    }

    private function finishing(StoredMaking $making, Request $request, SentPhoto $photo): Response
    {
        $sent = $request->isMethod('POST') ? LooseData::form($request) : LooseData::query($request);
        $typed = $sent->within('l')->typed(2000);
        if (!$request->isMethod('POST')) {
            return $this->finishPage($making, $typed, []);
        }
        $faults = $this->finishing->finish($making, $typed, $photo);

        return [] === $faults
            ? $this->redirectToRoute('log', [], Response::HTTP_SEE_OTHER)
            : $this->finishPage($making, $typed, $faults);
    }

    /**
     * @param array<string, string>                $typed
     * @param array<string, non-empty-list<Fault>> $faults by field
     *
     * @throws PieceUnreadable
     */
    private function finishPage(StoredMaking $making, array $typed, array $faults): Response
    {
        $board = null === $making->at(MakingState::OnBoard) ? null : $this->boards->ofMaking($making);
        [$plan, $knots] = $this->finishing->plan($making);
        $doubts = array_filter($faults, static fn (array $of): bool => 'sure' === $of[0]->path);

        return $this->render('log/finish.html.twig', [
            'making' => $making,
            'plan' => $plan,
            'lengths' => $making->lengths(),
            'knots' => $knots,
            'typed' => $typed,
            'faults' => $faults,
            'doubts' => \count($doubts) === \count($faults) ? $doubts : [],
            'unmade' => null === $board ? null : $this->views->unmade($board),
        ], new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }
}
