<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Rinkel\App\Board\Boards;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Price\Costing;
use Rinkel\App\Samples\Samples;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The Log page: finished pieces, planned against real; and the page on which a piece is finished.
 */
final class LogController extends AbstractController
{
    public function __construct(
        private readonly Log $log,
        private readonly Finishing $finishing,
        private readonly Pieces $pieces,
        private readonly Samples $samples,
        private readonly Preferences $preferences,
        private readonly Costing $costing,
        private readonly Photos $photos,
        private readonly Boards $boards,
    ) {}

    #[Route('/log', 'log', methods: 'GET')]
    public function show(Request $request): Response
    {
        $asked = $request->query->all()['q'] ?? '';

        return $this->page(\is_string($asked) ? mb_substr(trim(mb_scrub($asked)), 0, 100) : '', []);
    }

    /**
     * @param array<int, array{changed: array<string, string>, faults: list<Fault>}> $refused what was not made again
     */
    private function page(string $words, array $refused): Response
    {
        return $this->render('log/log.html.twig', [
            'entries' => $this->log->entries($words),
            'words' => $words,
            'unit' => $this->preferences->unit(),
            'costing' => $this->costing,
            'photos' => $this->photos,
            'refused' => $refused,
        ], new Response(status: [] === $refused ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    /**
     * Returns the file of a photo that was sent, "" for one that did not arrive, null when none was sent.
     */
    private static function photo(Request $request): ?string
    {
        $sent = $request->files->all()['photo'] ?? null;
        if (!$sent instanceof UploadedFile) {
            return null;
        }

        return $sent->isValid() ? $sent->getPathname() : '';
    }

    /**
     * @return array<string, string>
     */
    private static function texts(mixed $sent): array
    {
        $texts = [];
        foreach (\is_array($sent) ? $sent : [] as $field => $value) {
            $texts[(string) $field] = \is_scalar($value) ? mb_substr(mb_scrub((string) $value), 0, 2000) : '';
        }

        return $texts;
    }

    #[Route('/log.json', 'log_export', methods: 'GET')]
    public function export(): Response
    {
        $response = new JsonResponse($this->log->document());
        $response->setEncodingOptions(\JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE);
        $response->headers->set('Content-Disposition', 'attachment; filename="rinkel-log.json"');

        return $response;
    }

    #[Route('/log.csv', 'log_csv', methods: 'GET')]
    public function csv(): Response
    {
        return new Response((new LogTable($this->log->entries()))->csv(), headers: [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="rinkel-log.csv"',
        ]);
    }

    #[Route('/log/{id}/photo.jpg', 'log_photo', requirements: ['id' => '[0-9]{1,18}'], methods: 'GET')]
    public function picture(int $id): Response
    {
        $file = $this->photos->file($this->log->find($id)?->stored->uid() ?? '')
            ?? throw $this->createNotFoundException();

        return (
            new BinaryFileResponse($file, headers: ['Content-Type' => 'image/jpeg'])
        )->setPrivate()->setMaxAge(31_536_000);
    }

    #[Route('/log/{id}/again', 'log_again', requirements: ['id' => '[0-9]{1,18}'], methods: 'POST')]
    public function again(int $id, Request $request): Response
    {
        $entry = $this->log->find($id) ?? throw $this->createNotFoundException();
        $changed = self::texts($request->request->all()['again'] ?? null);
        try {
            $piece = $this->finishing->again($entry, $changed);

            return $this->redirectToRoute('piece', ['id' => $piece->id()], Response::HTTP_SEE_OTHER);
        } catch (PieceUnreadable $unreadable) {
            return $this->page('', [$id => ['changed' => $changed, 'faults' => $unreadable->faults]]);
        }
    }

    #[Route('/log/{id}/delete', 'log_delete', requirements: ['id' => '[0-9]{1,18}'], methods: 'POST')]
    public function delete(int $id): Response
    {
        $entry = $this->log->find($id) ?? throw $this->createNotFoundException();
        $this->photos->remove($entry->stored->uid());
        $this->log->remove($entry);
        $this->samples->changed();

        return $this->redirectToRoute('log', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/pieces/{id}/finish', 'piece_finish', requirements: ['id' => '[0-9]{1,18}'], methods: ['GET', 'POST'])]
    public function finish(int $id, Request $request): Response
    {
        $stored = $this->pieces->find($id) ?? throw $this->createNotFoundException();
        $sent = $request->isMethod('POST') ? $request->request->all() : $request->query->all();
        $typed = self::texts($sent['l'] ?? null);
        $asked = $sent['board'] ?? '';
        $isId = \is_string($asked) && 1 === preg_match('/^\d{1,18}$/D', $asked);
        $board = $isId ? $this->boards->find((int) $asked) : null;
        $faults = $request->isMethod('POST')
            ? $this->finishing->finish($stored, $typed, self::photo($request))
            : [];
        if ($request->isMethod('POST') && [] === $faults) {
            if (null !== $board && $board->piece() === $stored) {
                $this->boards->finish($board);
            }

            return $this->redirectToRoute('log', [], Response::HTTP_SEE_OTHER);
        }

        return $this->finishPage($id, $typed, $faults, $board?->id());
    }

    /**
     * @param array<string, string>                $typed
     * @param array<string, non-empty-list<Fault>> $faults by field
     *
     * @throws PieceUnreadable
     */
    private function finishPage(int $id, array $typed, array $faults, ?int $board): Response
    {
        $stored = $this->pieces->find($id) ?? throw $this->createNotFoundException();

        return $this->render('log/finish.html.twig', [
            'stored' => $stored,
            'plan' => $this->finishing->plan($stored),
            'knots' => $this->finishing->knots($stored),
            'typed' => $typed,
            'faults' => $faults,
            'board' => $board,
        ], new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }
}
