<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;

/**
 * What the Piece page shows of a piece, in every state that a piece can be in.
 */
final readonly class PieceViews
{
    public function __construct(
        private Pieces $pieces,
        private PieceForm $form,
        private Planner $planner,
        private Drafts $drafts,
        private Offering $offering,
        private SeenPlans $seeing,
        private \Random\Randomizer $chance,
    ) {}

    /**
     * @throws PieceUnreadable
     */
    public function plan(StoredPiece $stored): Plan
    {
        return $this->planner->plan($this->pieces->piece($stored));
    }

    /**
     * @param array<string, non-empty-list<Fault>> $faults of what could not be done just now, by field
     * @param string                               $typing a field that somebody is typing in: it is not judged yet
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
     * Returns a view of a piece that was saved from elsewhere while somebody went on here: nothing is kept until they
     * say which of the two shall stand.
     */
    public function conflict(StoredPiece $stored, EditRequest $sent, PageState $page): PieceView|BrokenView
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
                \count(array_filter($sent->acts, static fn (EditAct $act): bool => '' !== $act->deed)),
            );
        } catch (PieceUnreadable $unreadable) {
            return $this->broken($stored, $page, PieceForm::byField($unreadable->faults));
        }
    }

    /**
     * Returns a view after an edit over which Rinkel itself stumbled: the piece as it was, what was typed beside it.
     */
    public function stumbled(StoredPiece $stored, EditRequest $sent, PageState $page): PieceView|BrokenView
    {
        $fault = [new Fault('', new Message('stumbled'))];
        try {
            $piece = $this->pieces->piece($stored);
            $texts = $this->form->changed($sent->texts(), $piece, $sent->acts[0]->in ?? $piece->unit);

            return $this->view(
                $stored,
                $piece,
                $page,
                ['' => $fault] + array_fill_keys(array_keys($texts), $fault),
                $texts + $stored->draft(),
            );
        } catch (\Throwable) {
            return $this->broken($stored, $page, ['' => $fault]);
        }
    }

    /**
     * Returns a view of a piece that cannot be planned, or none can be shown: with what is wrong, and the ways
     * on.
     *
     * @param array<string, non-empty-list<Fault>> $faults by path
     */
    public function broken(StoredPiece $stored, PageState $page, array $faults = []): BrokenView
    {
        return BrokenView::of(
            $stored,
            $page,
            $this->pieces->steps($stored),
            [] === $faults ? ['' => [new Fault('', new Message('stumbled'))]] : $faults,
            $this->formId(),
        );
    }

    /**
     * @param array<string, non-empty-list<Fault>>                    $faults   by field
     * @param array<string, string>                                   $texts    as typed, where they stand before what the piece says
     * @param array<string, array{mine: string, theirs: string}>|null $conflict
     */
    private function view(
        StoredPiece $stored,
        PieceSpec $piece,
        PageState $page,
        array $faults,
        array $texts,
        ?int $version = null,
        ?array $conflict = null,
        int $deeds = 0,
    ): PieceView {
        $plan = $this->drafts->plan($piece);

        return new PieceView(
            $stored,
            $plan,
            new FieldState($texts + $this->form->shown($piece), $faults, $this->formId(), $conflict, $deeds),
            $version ?? $stored->version(),
            $page,
            self::stages($piece, $plan, array_keys($faults)),
            $this->offering->of($stored, $piece, $plan),
            $this->seeing->of($stored, $plan),
        );
    }

    /**
     * @param list<string> $faulty fields
     *
     * @return array<string, string> states by stage
     */
    private static function stages(PieceSpec $wish, Plan $plan, array $faulty): array
    {
        $states = [];
        foreach (Stage::cases() as $stage) {
            $states[$stage->value] = $stage->state($wish, $plan, $faulty);
        }

        return $states;
    }

    /**
     * Returns by what a plain form that is sent twice is known.
     */
    private function formId(): string
    {
        return bin2hex($this->chance->getBytes(8));
    }
}
