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
use Rinkel\App\Log\SentPhoto;
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
        private readonly Boards $boards,
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

    #[Route('/pieces/{id}/finish', 'piece_finish', requirements: self::ID, methods: ['GET', 'POST'])]
    public function finish(int $id, Request $request, SentPhoto $photo): Response
    {
        $stored = $this->pieces->find($id) ?? throw $this->createNotFoundException();
        $sent = $request->isMethod('POST') ? RequestData::form($request) : RequestData::query($request);
        $typed = $sent->within('l')->typed(2000);
        $board = $this->boards->find($sent->id('board'));
        $board = $board?->piece() === $stored ? $board : null;
        if (!$request->isMethod('POST')) {
            return $this->finishPage($id, $typed, [], $board?->id());
        }
        $faults = true === $board?->isFinished() ? [] : $this->finishing->finish($stored, $typed, $photo, $board);

        return [] === $faults
            ? $this->redirectToRoute('log', [], Response::HTTP_SEE_OTHER)
            : $this->finishPage($id, $typed, $faults, $board?->id());
    }

    /**
     * @param array<string, string>                $typed
     * @param array<string, non-empty-list<Fault>> $faults by field
     *
     * @throws PieceUnreadable
     */
    private function finishPage(int $id, array $typed, array $faults, ?int $on): Response
    {
        $stored = $this->pieces->find($id) ?? throw $this->createNotFoundException();
        $board = null === $on ? null : $this->boards->find($on);
        [$plan, $knots] = $this->finishing->plan($stored, $board);
        $doubts = array_filter($faults, static fn (array $of): bool => 'sure' === $of[0]->path);

        return $this->render('log/finish.html.twig', [
            'stored' => $stored,
            'plan' => $plan,
            'knots' => $knots,
            'typed' => $typed,
            'faults' => $faults,
            'doubts' => \count($doubts) === \count($faults) ? $doubts : [],
            'board' => $on,
            'unmade' => null === $board ? null : $this->views->unmade($board),
        ], new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }
}
