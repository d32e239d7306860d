<?php

declare(strict_types=1);

namespace Rinkel\App\Controller;

use Doctrine\ORM\OptimisticLockException;
use Rinkel\App\Entity\StoredPiece;
use Rinkel\App\Form\PieceForm;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Deeds;
use Rinkel\App\Piece\PageState;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\PieceView;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Plan\Draft;
use Rinkel\Core\Plan\Plan;
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
    public function __construct(
        private readonly Pieces $pieces,
        private readonly PieceForm $form,
        private readonly Planner $planner,
        private readonly Deeds $deeds,
        private readonly People $people,
    ) {}

    #[Route('', 'piece', methods: 'GET')]
    public function show(int $id, Request $request): Response
    {
        $stored = $this->stored($id);
        $piece = $this->pieces->piece($stored);
        $fields = ($stored->draft() ?? []) + $this->form->shown($piece);

        return $this->view($request, $stored, $this->planner->plan($piece), $fields, null === $stored->draft() ? [] : $this->faults($stored, $fields));
    }

    #[Route('', 'piece_save', methods: 'POST')]
    public function save(int $id, Request $request): Response
    {
        $stored = $this->stored($id);
        $before = $this->pieces->piece($stored);
        $page = PageState::of($request);
        $version = (int) $this->sent($request, 'over', $this->sent($request, 'version', '0'));
        $deed = $this->sent($request, 'do', '');
        $typed = $this->form->typed($request->request->all(), $this->form->shown($before));
        if ($version !== $stored->version()) {
            return $this->conflict($request, $stored, $typed, $version);
        }
        try {
            if ('undo' === $deed || 'redo' === $deed) {
                $this->pieces->step($stored, 'undo' === $deed ? -1 : 1);
                $plan = $this->planner->plan($this->pieces->piece($stored));
            } else {
                $piece = $this->form->read($typed, $before);
                if ('' !== $deed) {
                    [$piece, $chosen] = $this->deeds->done($piece, $this->planner->draft($piece)->setting->counts, $deed, $page->chosen);
                    $page = $page->choosing($chosen);
                }
                $plan = $this->planner->plan($piece);
                $this->pieces->save($stored, $piece, '' !== $deed || $request->request->has('set') ? '' : implode(' ', $this->form->changed($typed, $before)));
            }
        } catch (PieceUnreadable $unreadable) {
            return $this->refused($request, $stored, $typed, $unreadable, '' !== $deed);
        } catch (OptimisticLockException) {
            return $this->conflict($request, $stored, $typed, $version);
        }
        if (!$this->isPartial($request)) {
            return $this->redirectToRoute('piece', ['id' => $id] + $page->query(), Response::HTTP_SEE_OTHER);
        }

        return $this->view($request, $stored, $plan, $this->form->shown($this->pieces->piece($stored)), [], page: $page);
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
     * Answers an edit that cannot be read: what was typed is kept, beside the last good plan. A deed that leads nowhere is only told.
     *
     * @param array<string, string> $typed
     */
    private function refused(Request $request, StoredPiece $stored, array $typed, PieceUnreadable $unreadable, bool $isDeed): Response
    {
        $faults = $this->byField($unreadable->faults);
        if (!$isDeed || [] !== $this->form->changed($typed, $this->pieces->piece($stored))) {
            $this->pieces->keepDraft($stored, $typed);
        }

        return $this->view($request, $stored, $this->planner->plan($this->pieces->piece($stored)), $typed, $faults, Response::HTTP_UNPROCESSABLE_ENTITY);
    }

    /**
     * Answers an edit of a page that is out of date: nothing is saved until its maker says which of the two shall stand.
     *
     * @param array<string, string> $typed
     */
    private function conflict(Request $request, StoredPiece $stored, array $typed, int $version): Response
    {
        $theirs = $this->pieces->piece($stored);
        $shown = ($stored->draft() ?? []) + $this->form->shown($theirs);
        $conflict = [];
        foreach ($typed as $field => $mine) {
            if (!\in_array($field, ['shown_in', 'word', 'word_at'], true) && $mine !== $shown[$field]) {
                $conflict[$field] = ['mine' => $mine, 'theirs' => $shown[$field]];
            }
        }
        try {
            $mine = $this->planner->plan($this->form->read($typed, $theirs));
            $faults = [];
        } catch (PieceUnreadable $unreadable) {
            $mine = $this->planner->plan($theirs);
            $faults = $this->byField($unreadable->faults);
        }

        return $this->view($request, $stored, $mine, $typed, $faults, Response::HTTP_CONFLICT, $version, conflict: $conflict);
    }

    /**
     * @param array<string, string> $typed
     *
     * @return array<string, string> sentences by field
     */
    private function faults(StoredPiece $stored, array $typed): array
    {
        try {
            $this->planner->plan($this->form->read($typed, $this->pieces->piece($stored)));

            return [];
        } catch (PieceUnreadable $unreadable) {
            return $this->byField($unreadable->faults);
        }
    }

    /**
     * @param non-empty-list<Fault> $faults
     *
     * @return array<string, string> of several in one field all
     */
    private function byField(array $faults): array
    {
        $byField = [];
        foreach ($faults as $fault) {
            $byField[$fault->path] = isset($byField[$fault->path]) ? $byField[$fault->path]."\n".$fault->sentence : $fault->sentence;
        }

        return $byField;
    }

    /**
     * @param array<string, string>                                   $fields
     * @param array<string, string>                                   $faults
     * @param array<string, array{mine: string, theirs: string}>|null $conflict
     */
    private function view(
        Request $request,
        StoredPiece $stored,
        Plan $plan,
        array $fields,
        array $faults,
        int $status = Response::HTTP_OK,
        ?int $version = null,
        ?PageState $page = null,
        ?array $conflict = null,
    ): Response {
        $view = new PieceView(
            $stored,
            $plan,
            $fields,
            $faults,
            $version ?? $stored->version(),
            $page ?? PageState::of($request),
            $this->closures($plan->draft->piece),
            $this->planner->knotsOf($plan->draft->piece),
            $this->planner->partsOf($plan->draft->piece),
            $this->pieces->steps($stored),
            $this->people->all(),
            $conflict,
        );
        $template = $this->isPartial($request) ? 'piece/_piece.html.twig' : 'piece/show.html.twig';

        return $this->render($template, ['view' => $view], new Response(status: $status, headers: ['Vary' => 'HX-Request']));
    }

    /**
     * Returns the same piece with every closure that suits it.
     *
     * @return array<string, Draft>
     */
    private function closures(Piece $piece): array
    {
        $drafts = [];
        foreach ($this->planner->closuresOf($piece) as $kind) {
            $drafts[$kind->value] = $this->planner->draft(null === $piece->closure ? $piece : $piece->withClosure($piece->closure->as($kind)));
        }

        return $drafts;
    }

    private function isPartial(Request $request): bool
    {
        return $request->headers->has('HX-Request');
    }

    private function sent(Request $request, string $name, string $default): string
    {
        $value = $request->request->all()[$name] ?? $default;

        return \is_scalar($value) ? (string) $value : $default;
    }
}
