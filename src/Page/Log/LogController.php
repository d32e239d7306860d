<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Log;

use Rinkel\App\Backup\Archive;
use Rinkel\App\Board\Boards;
use Rinkel\App\Board\BoardViews;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Log\KeptLog;
use Rinkel\App\Log\Log;
use Rinkel\App\Log\LogTable;
use Rinkel\App\Log\Photos;
use Rinkel\App\Log\PieceFinisher;
use Rinkel\App\Log\Seasons;
use Rinkel\App\Log\SentPhoto;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\Http\RequestData;
use Rinkel\App\Platform\Http\Streamed;
use Rinkel\App\Price\Costing;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\LogReader;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The Log page: finished pieces, planned against real; and the page on which a piece is finished.
 */
final class LogController extends AbstractController
{
    private const ID = ['id' => '[0-9]{1,18}'];

    public function __construct(
        private readonly Log $log,
        private readonly PieceFinisher $finishing,
        private readonly Pieces $pieces,
        private readonly Preferences $preferences,
        private readonly Costing $costing,
        private readonly Photos $photos,
        private readonly Seasons $seasons,
        private readonly Boards $boards,
        private readonly Makings $makings,
        private readonly BoardViews $views,
        private readonly Bin $bin,
        private readonly KeptLog $kept,
        private readonly Archive $archive,
    ) {}

    #[Route('/log', 'log', methods: 'GET')]
    public function show(Request $request): Response
    {
        $asked = RequestData::query($request);

        return $this->page($asked->text('q', 100), $asked->number('page', 1, 999_999, 1), []);
    }

    /**
     * @param array<int, array{changed: array<string, string>, faults: list<Fault>}> $refused what was not made again
     */
    private function page(string $words, int $page, array $refused): Response
    {
        $count = $this->log->count($words);

        return $this->render('log/log.html.twig', [
            'entries' => $this->log->entries($words, $page),
            'last' => $this->log->last(),
            'seasons' => '' === $words && 1 === $page ? $this->seasons->last() : [],
            'count' => $count,
            'page' => $page,
            'pages' => (int) ceil($count / Log::PAGE),
            'words' => $words,
            'unit' => $this->preferences->unit(),
            'costing' => $this->costing,
            'refused' => $refused,
        ], new Response(status: [] === $refused ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    #[Route('/log.json', 'log_export', methods: 'GET')]
    public function export(): Response
    {
        return Streamed::json('rinkel-log.json', $this->archive->listed(
            $this->kept,
            ['format' => LogReader::FORMAT, 'version' => LogReader::VERSION],
            'entries',
        ));
    }

    #[Route('/log.csv', 'log_csv', methods: 'GET')]
    public function csv(): Response
    {
        return Streamed::csv('rinkel-log.csv', LogTable::lines($this->log->all()));
    }

    #[Route('/log/{id}/photo.jpg', 'log_photo', requirements: self::ID, methods: 'GET')]
    public function picture(int $id): Response
    {
        $jpeg = $this->photos->jpeg(
            $this->log->find($id)?->stored->uid() ?? '',
        ) ?? throw $this->createNotFoundException();

        return (new Response($jpeg, headers: ['Content-Type' => 'image/jpeg']))->setPrivate()->setMaxAge(31_536_000);
    }

    #[Route('/log/{id}/again', 'log_again', requirements: self::ID, methods: 'POST')]
    public function again(int $id, Request $request): Response
    {
        $entry = $this->log->find($id) ?? throw $this->createNotFoundException();
        $changed = RequestData::form($request)->within('again')->typed();
        try {
            $piece = $this->finishing->again($entry, $changed);

            return $this->redirectToRoute('piece', ['id' => $piece->id()], Response::HTTP_SEE_OTHER);
        } catch (PieceUnreadable $unreadable) {
            return $this->page('', 1, [$id => ['changed' => $changed, 'faults' => $unreadable->faults]]);
        }
    }

    #[Route('/log/{id}/delete', 'log_delete', requirements: self::ID, methods: 'POST')]
    public function delete(int $id): Response
    {
        $entry = $this->log->find($id) ?? throw $this->createNotFoundException();
        $removal = $this->bin->put($this->kept, $entry->stored);

        return $this->redirectToRoute('log', ['removed' => $removal->uid], Response::HTTP_SEE_OTHER);
    }

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
        $sent = $request->isMethod('POST') ? RequestData::form($request) : RequestData::query($request);
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
