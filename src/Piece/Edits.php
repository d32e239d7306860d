<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\App\Platform\Wording\FieldTexts;
use Rinkel\App\Platform\Wording\Notation;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;

/**
 * Does what a maker did on the Piece page, act by act, each once. To be called while nobody else changes the piece.
 *
 * What is typed and can be read is taken; the rest is kept beside the piece as it was typed, until it can be.
 */
final readonly class Edits
{
    public function __construct(
        private Pieces $pieces,
        private PieceForm $form,
        private Drafts $drafts,
        private PieceActions $actions,
        private PieceWriter $writer,
        private Notation $notation,
    ) {}

    /**
     * @throws SavedMeanwhile If the piece is no longer what the page showed
     */
    public function done(StoredPiece $stored, EditRequest $sent, PageState $page): Outcome
    {
        $acts = array_values(
            array_filter($sent->acts, static fn (EditAct $act): bool => null === $stored->madeBy($act->id)),
        );
        if ([] !== $acts && !self::isOver($stored, $sent) && !$this->isBeside($stored, $acts)) {
            throw SavedMeanwhile::than($sent->version);
        }
        $outcome = new Outcome($page);
        foreach ($acts as $act) {
            $outcome = $this->act($stored, $act, $sent->typing, $outcome);
            $stored->took($act->id);
        }

        return $outcome;
    }

    /**
     * Returns whether the acts were done over the piece as it is: as the page showed it, or as an act sent along once
     * more made it.
     */
    private static function isOver(StoredPiece $stored, EditRequest $sent): bool
    {
        $made = array_map(static fn (EditAct $act): ?int => $stored->madeBy($act->id), $sent->acts);

        return $stored->version() === $sent->version || \in_array($stored->version(), $made, true);
    }

    /**
     * Returns whether acts that were done over an older piece touch nothing that became another since: then both are
     * done.
     *
     * @param list<EditAct> $acts
     */
    private function isBeside(StoredPiece $stored, array $acts): bool
    {
        try {
            $piece = $this->pieces->piece($stored);
        } catch (PieceUnreadable) {
            return false;
        }
        $mine = [];
        foreach ($acts as $act) {
            $now = $stored->draft() + $this->form->shown($piece->withUnit($act->in));
            $touched = '' === $act->deed ? $act->texts : ['pattern' => ''];
            if (\in_array($act->deed, ['undo', 'redo'], true) || [] === $touched) {
                return false; // what would be undone is somebody else's
            }
            foreach ($touched as $field => $text) {
                $is = $mine[$field] ?? $now[$field] ?? '';
                $was = $act->was[$field] ?? null;
                $isMine = '' === $act->deed && $text === $is;
                if (null === $was || (!$isMine && !$this->isSame($piece, $act, $field, $was, $is))) {
                    return false;
                }
                $mine[$field] = '' === $act->deed ? $text : $is;
            }
        }

        return true;
    }

    /**
     * Returns whether a field still is what it was, however it was written there.
     */
    private function isSame(PieceSpec $piece, EditAct $act, string $field, string $was, string $is): bool
    {
        $taken = fn (string $text): ReadFields => $this->form->taken([$field => $text], [$field], $piece, $act->in);
        if ($was === $is) {
            return true;
        }
        [$one, $other] = [$taken($was), $taken($is)];

        return [] === $one->left && [] === $other->left
            && $this->writer->write($one->piece) === $this->writer->write($other->piece);
    }

    private function act(StoredPiece $stored, EditAct $act, string $typing, Outcome $outcome): Outcome
    {
        if ('undo' === $act->deed || 'redo' === $act->deed) {
            $this->pieces->step($stored, 'undo' === $act->deed ? -1 : 1);

            return $outcome;
        }
        try {
            $piece = $this->pieces->piece($stored);
        } catch (PieceUnreadable) {
            return $outcome->with($this->pieces->mend($stored, $act->texts));
        }

        return '' === $act->deed ? $this->typed(
            $stored,
            $piece,
            $act,
            $typing,
            $outcome,
        ) : $this->pressed($stored, $piece, $act, $outcome);
    }

    private function typed(StoredPiece $stored, PieceSpec $piece, EditAct $act, string $typing, Outcome $outcome): Outcome
    {
        // A name that is being typed is no name yet.
        $held = str_ends_with($typing, '.called') ? array_intersect_key($act->texts, [$typing => true]) : [];
        $draft = $stored->draft();
        $draft = $act->in === $piece->unit ? $draft : $this->pinned($draft, $piece->unit);
        $typed = array_diff_key($act->texts, $held) + $draft;
        $taken = $this->form->taken(
            $typed,
            array_keys($act->texts),
            $piece,
            $act->in,
        );
        try {
            $this->pieces->save($stored, $taken->piece, $act->stroke);
        } catch (PieceUnreadable $unreadable) {
            return $outcome->with(PieceForm::byField($unreadable->faults));
        }
        $renamed = $taken->renamed($typed);
        $left = self::calledAnew($taken->left + $held, $renamed);
        $this->pieces->keepDraft(
            $stored,
            $act->in === $taken->piece->unit ? $left : $this->pinned($left, $act->in),
        );

        return $outcome->renaming($renamed);
    }

    /**
     * Returns texts that could not be read yet with every bare length said in $bare.
     *
     * @param array<string, string> $texts by field
     *
     * @return array<string, string>
     */
    private function pinned(array $texts, Unit $bare): array
    {
        $pinned = FieldTexts::pinned($texts, $bare);

        return isset($texts['pattern'])
            ? ['pattern' => $this->notation->pinned($texts['pattern'], $bare)] + $pinned
            : $pinned;
    }

    private function pressed(StoredPiece $stored, PieceSpec $piece, EditAct $act, Outcome $outcome): Outcome
    {
        try {
            [$after, $chosen] = $this->actions->apply($piece, $act->deed, $outcome->page->chosen);
            $this->drafts->draft($after);
            $this->pieces->save($stored, $after, '');

            return $outcome->choosing($chosen);
        } catch (PieceUnreadable $unreadable) {
            return $outcome->with(PieceForm::byField($unreadable->faults));
        }
    }

    /**
     * @param array<string, string> $texts   by field
     * @param array<string, string> $renamed by the stem of their fields
     *
     * @return array<string, string>
     */
    private static function calledAnew(array $texts, array $renamed): array
    {
        $again = [];
        foreach ($texts as $path => $text) {
            $stem = substr($path, 0, (int) strrpos($path, '.'));
            $again[isset($renamed[$stem]) ? $renamed[$stem].substr($path, \strlen($stem)) : $path] = $text;
        }

        return $again;
    }
}
