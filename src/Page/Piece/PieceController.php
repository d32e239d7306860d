<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Piece;

use Psr\Log\LoggerInterface;
use Rinkel\App\Document\PieceText;
use Rinkel\App\Piece\BrokenView;
use Rinkel\App\Piece\EditRequest;
use Rinkel\App\Piece\Edits;
use Rinkel\App\Piece\PageParts;
use Rinkel\App\Piece\PageState;
use Rinkel\App\Piece\PendingEdit;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\PieceView;
use Rinkel\App\Piece\PieceViews;
use Rinkel\App\Piece\SavedMeanwhile;
use Rinkel\App\Piece\SeenPlans;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Database\StorageFailure;
use Rinkel\App\Platform\Http\Done;
use Rinkel\App\Platform\Http\JsonAnswer;
use Rinkel\App\Platform\Http\KeepsByItself;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\EventDispatcher\EventDispatcherInterface;

/**
 * The Piece page: shows a piece with its plan and takes every edit as one partial update.
 */
#[Route('/pieces/{id}', requirements: ['id' => '[0-9]{1,18}'])]
final class PieceController extends AbstractController
{
    public function __construct(
        private readonly Pieces $pieces,
        private readonly Edits $edits,
        private readonly PieceViews $views,
        private readonly LoggerInterface $logger,
        private readonly SeenPlans $seeing,
        private readonly EventDispatcherInterface $events,
    ) {}

    #[Route('', 'piece', methods: 'GET')]
    public function show(int $id, Request $request): Response
    {
        $stored = $this->stored($id);
        try {
            $view = $this->views->of($stored, PageState::of($request));
            if ($view instanceof PieceView) {
                $this->seeing->note($stored, $view->seen);
            }

            return $this->answer($request, $view);
        } catch (\Throwable $bug) {
            $this->logger->critical('A piece cannot be shown.', ['piece' => $id, 'exception' => $bug]);

            return $this->answer($request, $this->views->broken($stored, PageState::of($request)));
        }
    }

    #[Route('', 'piece_save', methods: 'POST')]
    #[KeepsByItself]
    public function save(int $id, Request $request): Response
    {
        [$stored, $sent, $page] = [$this->stored($id), EditRequest::fromRequest($request), PageState::of($request)];
        try {
            // The page is made before anything is kept for good: what cannot be shown is not saved.
            return $this->pieces->workedOut(
                $stored,
                function (StoredPiece $now, PendingEdit $edit) use ($request, $sent, $page): Response {
                    $response = $this->edited($request, $now, $edit, $sent, $page);
                    $edit->also(fn (): object => $this->events->dispatch(new Done($request, $response)));

                    return $response;
                },
            );
        } catch (SavedMeanwhile) {
            return $this->answer(
                $request,
                $this->views->conflict($this->stored($id), $sent, $page),
                Response::HTTP_CONFLICT,
            );
        } catch (\Throwable $bug) {
            if (null !== StorageFailure::in($bug)) {
                throw $bug;
            }
            $this->logger->critical('An edit cannot be shown.', ['piece' => $id, 'exception' => $bug]);

            return $this->stumbled($request, $this->stored($id), $sent, $page);
        }
    }

    /**
     * Answers an edit over which Rinkel itself stumbled: with the piece as it was, if that can be shown.
     */
    private function stumbled(Request $request, StoredPiece $stored, EditRequest $sent, PageState $page): Response
    {
        try {
            return $this->answer(
                $request,
                $this->views->stumbled($stored, $sent, $page),
                Response::HTTP_UNPROCESSABLE_ENTITY,
            );
        } catch (\Throwable) {
            return $this->answer($request, $this->views->broken($stored, $page), Response::HTTP_UNPROCESSABLE_ENTITY);
        }
    }

    private function edited(
        Request $request,
        StoredPiece $stored,
        PendingEdit $edit,
        EditRequest $sent,
        PageState $page,
    ): Response {
        $done = $this->edits->done($stored, $sent, $page);
        $this->pieces->flush($stored);
        $view = $this->views->of($stored, $done->page, $done->faults, $sent->typing);
        if ($view instanceof PieceView) {
            $edit->also(fn () => $this->seeing->note($stored, $view->seen));
        }
        if (!$this->isPartial($request) && [] === self::faultsOf($view)) {
            return $this->redirectToRoute(
                'piece',
                ['id' => $stored->id()] + $done->page->query(),
                Response::HTTP_SEE_OTHER,
            );
        }
        $response = $this->answer(
            $request,
            $view,
            [] === self::faultsOf($view) ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY,
        );
        if ([] !== $done->renamed) {
            $response->headers->set(
                'HX-Trigger',
                (string) json_encode(['rinkel:renamed' => ['stems' => $done->renamed]]),
            );
        }

        return $response;
    }

    #[Route('/duplicate', 'piece_duplicate', methods: 'POST')]
    public function duplicate(int $id): Response
    {
        $copy = $this->pieces->duplicate($this->stored($id));

        return $this->redirectToRoute('piece', ['id' => $copy->id()], Response::HTTP_SEE_OTHER);
    }

    /**
     * Notes that a maker saw what Rinkel plans otherwise now.
     */
    #[Route('/seen', 'piece_seen', methods: 'POST')]
    public function seen(int $id): Response
    {
        $this->seeing->know($this->stored($id));

        return $this->redirectToRoute('piece', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/archive', 'piece_archive', methods: 'POST')]
    public function archive(int $id): Response
    {
        $this->pieces->archive($this->stored($id));

        return $this->redirectToRoute('table', ['put_away' => $id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/discard', 'piece_discard', methods: 'POST')]
    public function discard(int $id): Response
    {
        $this->pieces->discard($this->stored($id));

        return $this->redirectToRoute('table', ['archive' => 1], Response::HTTP_SEE_OTHER);
    }

    #[Route('/restore', 'piece_restore', methods: 'POST')]
    public function restore(int $id): Response
    {
        $this->pieces->restore($this->stored($id));

        return $this->redirectToRoute('table', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/piece.json', 'piece_export', methods: 'GET')]
    public function export(int $id): Response
    {
        return JsonAnswer::file($this->stored($id)->document(), \sprintf('rinkel-piece-%d.json', $id));
    }

    /**
     * Answers with the piece as a text, to be sent in a message and pasted back.
     */
    #[Route('/piece.rinkel.txt', 'piece_text', methods: 'GET')]
    public function text(int $id, PieceText $text): Response
    {
        return new Response($text->write($this->pieces->piece($this->stored($id))), headers: [
            'Content-Type' => 'text/plain; charset=utf-8',
        ]);
    }

    private function stored(int $id): StoredPiece
    {
        return $this->pieces->find($id) ?? throw $this->createNotFoundException();
    }

    private function answer(Request $request, object $view, int $status = Response::HTTP_OK): Response
    {
        return $this->render(
            $this->isPartial($request) ? 'piece/_answer.html.twig' : 'piece/show.html.twig',
            ['view' => $view, 'parts' => PageParts::missing($request)],
            new Response(status: $status, headers: ['Vary' => 'HX-Request']),
        );
    }

    /**
     * @return array<string, mixed> by field
     */
    private static function faultsOf(PieceView|BrokenView $view): array
    {
        return $view instanceof PieceView ? $view->fields->faults : $view->faults;
    }

    private function isPartial(Request $request): bool
    {
        return $request->headers->has('HX-Request');
    }
}
