<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Log;

use Rinkel\App\Backup\Archive;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Log\KeptLog;
use Rinkel\App\Log\Log;
use Rinkel\App\Log\LogEntry;
use Rinkel\App\Log\LogTable;
use Rinkel\App\Log\Photos;
use Rinkel\App\Log\PieceAgain;
use Rinkel\App\Log\Seasons;
use Rinkel\App\Making\Makings;
use Rinkel\App\Platform\Http\Streamed;
use Rinkel\App\Platform\LooseData;
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
 * What was made: the log, searched, exported, and a piece of it made again.
 */
final class LogController extends AbstractController
{
    private const ID = ['id' => '[0-9]{1,18}'];

    public function __construct(
        private readonly Log $log,
        private readonly Makings $makings,
        private readonly Seasons $seasons,
        private readonly Preferences $preferences,
        private readonly Costing $costing,
    ) {}

    #[Route('/log', 'log', methods: 'GET')]
    public function show(Request $request): Response
    {
        $asked = LooseData::query($request);

        return $this->page($asked->text('q', 100), $asked->number('page', 1, 999_999, 1), []);
    }

    /**
     * @param array<int, array{changed: array<string, string>, faults: list<Fault>}> $refused what was not made again
     */
    private function page(string $words, int $page, array $refused): Response
    {
        $count = $this->log->count($words);

        $entries = $this->log->entries($words, $page);

        return $this->render('log/log.html.twig', [
            'entries' => $entries,
            'makings' => $this->makings->byLog(
                array_map(static fn (LogEntry $entry): string => $entry->stored->uid(), $entries),
            ),
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
    public function export(Archive $archive, KeptLog $kept): Response
    {
        return Streamed::json('rinkel-log.json', $archive->listed(
            $kept,
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
    public function picture(int $id, Photos $photos): Response
    {
        $jpeg = $photos->jpeg(
            $this->log->find($id)?->stored->uid() ?? '',
        ) ?? throw $this->createNotFoundException();

        return (new Response($jpeg, headers: ['Content-Type' => 'image/jpeg']))->setPrivate()->setMaxAge(31_536_000);
    }

    #[Route('/log/{id}/again', 'log_again', requirements: self::ID, methods: 'POST')]
    public function again(int $id, Request $request, PieceAgain $pieces): Response
    {
        $entry = $this->log->find($id) ?? throw $this->createNotFoundException();
        $changed = LooseData::form($request)->within('again')->typed();
        try {
            $piece = $pieces->of($entry, $changed);

            return $this->redirectToRoute('piece', ['id' => $piece->id()], Response::HTTP_SEE_OTHER);
        } catch (PieceUnreadable $unreadable) {
            return $this->page('', 1, [$id => ['changed' => $changed, 'faults' => $unreadable->faults]]);
        }
    }

    #[Route('/log/{id}/delete', 'log_delete', requirements: self::ID, methods: 'POST')]
    public function delete(int $id, Bin $bin, KeptLog $kept): Response
    {
        $entry = $this->log->find($id) ?? throw $this->createNotFoundException();
        $removal = $bin->put($kept, $entry->stored);

        return $this->redirectToRoute('log', ['removed' => $removal->uid], Response::HTTP_SEE_OTHER);
    }
}
