<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Measure\Length;

/**
 * What a maker chose about a closure; null leaves it to the planner.
 */
final readonly class ClosureWish
{
    /**
     * @param list<string> $findings short names of its findings, in order
     * @param EndForm      $start    where the piece begins, when its two ends are unlike; $finish where it ends
     */
    public function __construct(
        public ClosureKind $kind,
        public array $findings = [],
        public KnotWish $knot = new KnotWish(),
        public ReachWish $reach = new ReachWish(),
        public LoopWish $loop = new LoopWish(),
        public EndForm $start = EndForm::Loop,
        public EndForm $finish = EndForm::Findings,
    ) {}

    /**
     * @return list<string> what a maker chose that is not as usual, by field
     */
    public function said(): array
    {
        $usual = new self($this->kind);

        return array_keys(array_filter([
            'wraps' => $this->knot->wraps !== $usual->knot->wraps,
            'tail' => null !== $this->reach->tail,
            'loops' => $this->loop->loops !== $usual->loop->loops,
            'findings' => [] !== $this->findings,
            'glued' => $this->knot->glued,
            'knotted' => $this->loop->knotted,
            'shows' => null !== $this->reach->shows,
            'play' => null !== $this->loop->play,
            'behind' => 0 !== $this->loop->behind,
            'tails' => null !== $this->reach->tails,
            'short' => null !== $this->reach->short,
            'spaced' => $this->knot->spaced,
            'plain' => $this->knot->plain,
        ]));
    }

    /**
     * Returns what two unlike ends do not hear, as neither of them has it: the tails of ties, what is behind a button,
     * findings.
     *
     * @return list<string> by field
     */
    public function unheard(): array
    {
        $has = fn (EndForm $form): bool => $form === $this->start || $form === $this->finish;

        return !$this->kind instanceof Kind\TwoEnding ? [] : [
            ...($has(EndForm::Ties) ? [] : ['tails']),
            ...($has(EndForm::Loop) && $has(EndForm::Button) ? [] : ['loops']),
            ...($has(EndForm::Button) ? [] : ['play', 'behind']),
            ...($has(EndForm::Findings) || $has(EndForm::Button) ? [] : ['findings']),
        ];
    }

    /**
     * @param list<string> $findings
     */
    public function withFindings(array $findings): self
    {
        return $this->with(tail: $this->reach->tail, findings: $findings);
    }

    /**
     * Returns this wish for another closure, without what that does not know; what a tail is differs between them.
     */
    public function as(ClosureKind $kind): self
    {
        if ($kind->id() === $this->kind->id()) {
            return $this;
        }
        $knows = static fn (string $field): bool => \in_array($field, ClosureOption::ofKind($kind), true);
        $usual = new self($kind);

        return new self(
            $kind,
            $knows('findings') ? $this->findings : $usual->findings,
            knot: new KnotWish(
                knots: $knows('knots') ? $this->knot->knots : $usual->knot->knots,
                wraps: $knows('wraps') ? $this->knot->wraps : $usual->knot->wraps,
                glued: $knows('glued') && $this->knot->glued,
                spaced: $knows('spaced') && $this->knot->spaced,
                plain: $knows('plain') && $this->knot->plain,
            ),
            reach: new ReachWish(
                tail: null,
                tails: $knows('tails') ? $this->reach->tails : $usual->reach->tails,
                short: $knows('short') ? $this->reach->short : $usual->reach->short,
                shows: $knows('shows') ? $this->reach->shows : $usual->reach->shows,
            ),
            loop: new LoopWish(
                loops: $knows('loops') ? $this->loop->loops : $usual->loop->loops,
                knotted: $knows('knotted') && $this->loop->knotted,
                play: $knows('play') ? $this->loop->play : $usual->loop->play,
                behind: $knows('behind') ? $this->loop->behind : $usual->loop->behind,
            ),
            start: $this->start,
            finish: $this->finish,
        );
    }

    /**
     * Returns this wish with findings and the bead of its tails called otherwise.
     *
     * @param callable(string): string $rename
     */
    public function renamed(callable $rename): self
    {
        return $this->with(
            tail: $this->reach->tail,
            findings: array_map($rename, $this->findings),
            tails: $this->reach->tails?->renamed($rename),
        );
    }

    /**
     * Returns this wish with its single sliding barrel so far from the body.
     */
    public function withShort(Length $short): self
    {
        return $this->with(tail: $this->reach->tail, short: $short);
    }

    /**
     * Returns this wish with so many square knots in its slider.
     */
    public function withKnots(int $knots): self
    {
        return $this->with(tail: $this->reach->tail, knots: $knots);
    }

    /**
     * Returns this wish with so many loops one behind the other.
     */
    public function withLoops(int $loops): self
    {
        return $this->with(tail: $this->reach->tail, loops: $loops);
    }

    /**
     * @param list<string>|null $findings
     */
    private function with(
        ?ClosureKind $kind = null,
        ?Length $tail = null,
        ?array $findings = null,
        ?Tails $tails = null,
        ?Length $short = null,
        ?int $knots = null,
        ?int $loops = null,
    ): self {
        return new self(
            $kind ?? $this->kind,
            $findings ?? $this->findings,
            knot: new KnotWish(
                knots: $knots ?? $this->knot->knots,
                wraps: $this->knot->wraps,
                glued: $this->knot->glued,
                spaced: $this->knot->spaced,
                plain: $this->knot->plain,
            ),
            reach: new ReachWish(
                tail: $tail,
                tails: $tails ?? $this->reach->tails,
                short: $short ?? $this->reach->short,
                shows: $this->reach->shows,
            ),
            loop: new LoopWish(
                loops: $loops ?? $this->loop->loops,
                knotted: $this->loop->knotted,
                play: $this->loop->play,
                behind: $this->loop->behind,
            ),
            start: $this->start,
            finish: $this->finish,
        );
    }
}
