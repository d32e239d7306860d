<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\App\People\People;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Plan\Planner;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * What the Piece page shows of a piece, in every state that a piece can be in.
 */
final readonly class PieceViews
{
    public function __construct(
        private Pieces $pieces,
        private PieceForm $form,
        private Planner $planner,
        private People $people,
        private TranslatorInterface $translator,
        private \Random\Randomizer $chance,
    ) {}

    /**
     * @param array<string, string> $faults of what could not be done just now, by field
     * @param string                $typing a field that somebody is typing in: it is not judged yet
     */
    public function of(
        StoredPiece $stored,
        PageState $page,
        array $faults = [],
        string $typing = '',
    ): PieceView|BrokenView {
        try {
            $piece = $this->pieces->piece($stored);
            $draft = $this->form->changed($stored->draft(), $piece, $piece->unit);
            $told = [] === $draft ? [] : $this->form->taken($draft, [], $piece, $piece->unit)->faults;

            return $this->view($stored, $piece, $page, array_diff_key($faults + $told, [$typing => true]), $draft);
        } catch (PieceUnreadable $unreadable) {
            return $this->broken($stored, $page, PieceForm::byField($unreadable->faults));
        }
    }

    /**
     * Returns a view of a piece that was saved from elsewhere while somebody went on here: nothing is kept until she
     * says which of the two shall stand.
     */
    public function conflict(StoredPiece $stored, Sent $sent, PageState $page): PieceView|BrokenView
    {
        try {
            $theirs = $this->pieces->piece($stored);
            $unit = $sent->acts[0]->in ?? $theirs->unit;
            $shown = $stored->draft() + $this->form->shown($theirs->withUnit($unit));
            $conflict = [];
            foreach ($this->form->changed($sent->texts(), $theirs, $unit) as $field => $mine) {
                $conflict[$field] = ['mine' => $mine, 'theirs' => $shown[$field] ?? ''];
            }
            $taken = $this->form->taken($sent->texts(), [], $theirs, $unit);

            return $this->view(
                $stored,
                $taken->piece,
                $page,
                $taken->faults,
                $taken->left + $stored->draft(),
                $sent->version,
                $conflict,
                \count(array_filter($sent->acts, static fn (Act $act): bool => '' !== $act->deed)),
            );
        } catch (PieceUnreadable $unreadable) {
            return $this->broken($stored, $page, PieceForm::byField($unreadable->faults));
        }
    }

    /**
     * Returns a view after an edit over which Rinkel itself stumbled: the piece as it was, what was typed beside it.
     */
    public function stumbled(StoredPiece $stored, Sent $sent, PageState $page): PieceView|BrokenView
    {
        $sentence = $this->translator->trans('piece.stumbled');
        try {
            $piece = $this->pieces->piece($stored);
            $texts = $this->form->changed($sent->texts(), $piece, $sent->acts[0]->in ?? $piece->unit);

            return $this->view(
                $stored,
                $piece,
                $page,
                ['' => $sentence] + array_fill_keys(array_keys($texts), $sentence),
                $texts + $stored->draft(),
            );
        } catch (\Throwable) {
            return $this->broken($stored, $page, ['' => $sentence]);
        }
    }

    /**
     * Returns a view of a piece of which no plan can be made, or none can be shown: with what is wrong, and the ways
     * on.
     *
     * @param array<string, string> $faults by path
     */
    public function broken(StoredPiece $stored, PageState $page, array $faults = []): BrokenView
    {
        return BrokenView::of(
            $stored,
            $page,
            $this->pieces->steps($stored),
            [] === $faults ? ['' => $this->translator->trans('piece.stumbled')] : $faults,
            $this->formId(),
        );
    }

    /**
     * @param array<string, string>                                   $faults   by field
     * @param array<string, string>                                   $texts    as typed, where they stand before what the piece says
     * @param array<string, array{mine: string, theirs: string}>|null $conflict
     */
    private function view(
        StoredPiece $stored,
        Piece $piece,
        PageState $page,
        array $faults,
        array $texts,
        ?int $version = null,
        ?array $conflict = null,
        int $deeds = 0,
    ): PieceView {
        $plan = $this->planner->plan($piece);
        $completed = $plan->draft->piece;

        return new PieceView(
            $stored,
            $plan,
            $texts + $this->form->shown($piece),
            $faults,
            $version ?? $stored->version(),
            $page,
            $this->closures($completed),
            $this->planner->knotsOf($completed),
            $this->planner->partsOf($completed),
            $this->planner->cordsOf($completed),
            $this->pieces->steps($stored),
            $this->people->all(),
            $this->formId(),
            $conflict,
            $deeds,
        );
    }

    /**
     * Returns the same piece with every closure that suits it and can be planned.
     *
     * @return array<string, Draft>
     */
    private function closures(Piece $piece): array
    {
        $drafts = [];
        foreach ($this->planner->closuresOf($piece) as $kind) {
            try {
                $drafts[$kind->id()] = $this->planner->draft(
                    null === $piece->closure ? $piece : $piece->withClosure($piece->closure->as($kind)),
                );
            } catch (PieceUnreadable) {
                // Not with this pattern.
            }
        }

        return $drafts;
    }

    /**
     * Returns by what a plain form that is sent twice is known.
     */
    private function formId(): string
    {
        return bin2hex($this->chance->getBytes(8));
    }
}
