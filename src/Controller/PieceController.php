<?php

declare(strict_types=1);

namespace Rinkel\App\Controller;

use Doctrine\ORM\OptimisticLockException;
use Rinkel\App\Entity\StoredPiece;
use Rinkel\App\Form\PieceForm;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\PieceView;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Plan\Planner;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The Piece page: shows a piece with its plan and takes every edit as one partial update.
 */
#[Route('/pieces/{id}', requirements: ['id' => '\d{1,18}'])]
final class PieceController extends AbstractController
{
    private const ZOOMS = [1, 2, 4];

    public function __construct(
        private readonly Pieces $pieces,
        private readonly PieceForm $form,
        private readonly Planner $planner,
    ) {}

    #[Route('', 'piece', methods: 'GET')]
    public function show(int $id, Request $request): Response
    {
        $stored = $this->stored($id);
        $piece = $this->pieces->piece($stored);
        $fields = $stored->draft() ?? $this->form->shown($piece);
        $faults = null === $stored->draft() ? [] : $this->faults($stored, $fields);

        return $this->view($request, new PieceView(
            $stored,
            $this->planner->plan($piece),
            $fields,
            $faults,
            $stored->version(),
            $this->zoom($request),
        ));
    }

    #[Route('', 'piece_save', methods: 'POST')]
    public function save(int $id, Request $request): Response
    {
        $stored = $this->stored($id);
        $before = $this->pieces->piece($stored);
        $typed = $this->form->typed($request->request->all(), $this->form->shown($before));
        $version = (int) $this->sent($request, 'over', $this->sent($request, 'version', '0'));
        if ($version !== $stored->version()) {
            return $this->conflict($request, $stored, $typed, $version);
        }
        try {
            $piece = $this->form->read($typed, $before);
            $this->pieces->save($stored, $piece);
        } catch (PieceUnreadable $unreadable) {
            return $this->refused($request, $stored, $typed, $unreadable);
        } catch (OptimisticLockException) {
            return $this->conflict($request, $stored, $typed, $version);
        }
        if (!$this->isPartial($request)) {
            return $this->redirectToRoute('piece', ['id' => $id] + $this->zoomQuery($request), Response::HTTP_SEE_OTHER);
        }

        return $this->view($request, new PieceView(
            $stored,
            $this->planner->plan($piece),
            $this->form->shown($piece),
            [],
            $stored->version(),
            $this->zoom($request),
        ));
    }

    #[Route('/duplicate', 'piece_duplicate', methods: 'POST')]
    public function duplicate(int $id): Response
    {
        $piece = $this->pieces->piece($this->stored($id));
        $copy = $this->pieces->add($piece->renamed(mb_substr($piece->name, 0, 70).' (copy)'));

        return $this->redirectToRoute('piece', ['id' => $copy->id()], Response::HTTP_SEE_OTHER);
    }

    #[Route('/archive', 'piece_archive', methods: 'POST')]
    public function archive(int $id): Response
    {
        $this->pieces->archive($this->stored($id));

        return $this->redirectToRoute('table', ['put_away' => $id], Response::HTTP_SEE_OTHER);
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
        $response = new JsonResponse($this->stored($id)->document());
        $response->setEncodingOptions(\JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE);
        $response->headers->set('Content-Disposition', \sprintf('attachment; filename="rinkel-piece-%d.json"', $id));

        return $response;
    }

    private function stored(int $id): StoredPiece
    {
        return $this->pieces->find($id) ?? throw $this->createNotFoundException();
    }

    /**
     * Answers an edit that cannot be read: what was typed is kept, beside the last good plan.
     *
     * @param array<string, string> $typed
     */
    private function refused(Request $request, StoredPiece $stored, array $typed, PieceUnreadable $unreadable): Response
    {
        $this->pieces->keepDraft($stored, $typed);

        return $this->view($request, new PieceView(
            $stored,
            $this->planner->plan($this->pieces->piece($stored)),
            $typed,
            $this->byField($unreadable->faults),
            $stored->version(),
            $this->zoom($request),
        ), Response::HTTP_UNPROCESSABLE_ENTITY);
    }

    /**
     * Answers an edit of a page that is out of date: nothing is saved until its maker says which of the two shall stand.
     *
     * @param array<string, string> $typed
     */
    private function conflict(Request $request, StoredPiece $stored, array $typed, int $version): Response
    {
        $theirs = $this->pieces->piece($stored);
        $shown = $stored->draft() ?? $this->form->shown($theirs);
        $conflict = [];
        foreach (array_keys(PieceForm::PATHS) as $field) {
            if ($typed[$field] !== $shown[$field]) {
                $conflict[$field] = ['mine' => $typed[$field], 'theirs' => $shown[$field]];
            }
        }
        $faults = $this->faults($stored, $typed);
        $mine = [] === $faults ? $this->form->read($typed, $theirs) : $theirs;

        return $this->view(
            $request,
            new PieceView($stored, $this->planner->plan($mine), $typed, $faults, $version, $this->zoom($request), $conflict),
            Response::HTTP_CONFLICT,
        );
    }

    /**
     * @param array<string, string> $typed
     *
     * @return array<string, string> sentences by field
     */
    private function faults(StoredPiece $stored, array $typed): array
    {
        try {
            $this->form->read($typed, $this->pieces->piece($stored));

            return [];
        } catch (PieceUnreadable $unreadable) {
            return $this->byField($unreadable->faults);
        }
    }

    /**
     * @param non-empty-list<Fault> $faults
     *
     * @return array<string, string>
     */
    private function byField(array $faults): array
    {
        return array_column(array_reverse($faults), 'sentence', 'path');
    }

    private function view(Request $request, PieceView $view, int $status = Response::HTTP_OK): Response
    {
        $template = $this->isPartial($request) ? 'piece/_piece.html.twig' : 'piece/show.html.twig';

        return $this->render($template, ['view' => $view], new Response(status: $status, headers: ['Vary' => 'HX-Request']));
    }

    private function isPartial(Request $request): bool
    {
        return $request->headers->has('HX-Request');
    }

    private function zoom(Request $request): int
    {
        $zoom = (int) $this->sent($request, 'zoom', $request->query->getString('zoom', '1'));

        return \in_array($zoom, self::ZOOMS, true) ? $zoom : 1;
    }

    /**
     * @return array<string, int>
     */
    private function zoomQuery(Request $request): array
    {
        return 1 === $this->zoom($request) ? [] : ['zoom' => $this->zoom($request)];
    }

    private function sent(Request $request, string $name, string $default): string
    {
        $value = $request->request->all()[$name] ?? $default;

        return \is_scalar($value) ? (string) $value : $default;
    }
}
