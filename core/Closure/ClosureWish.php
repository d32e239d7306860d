<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Knot\BarrelKnot;
use Rinkel\Core\Measure\Length;

/**
 * What a maker chose about a closure; null leaves it to the planner.
 */
final readonly class ClosureWish
{
    /**
     * @param int          $knots    square knots in a slider
     * @param int          $wraps    of a sliding barrel or a stop
     * @param Length|null  $tail     from the body's end to its stop, or past the knot of ties
     * @param int          $loops    loops behind each other, each a further size
     * @param list<string> $findings short names of its findings, in order
     * @param bool         $knotted  whether a loop is made of vertical lark's heads, not of bare cord
     * @param Shows|null   $shows    of a slider when worn; null is a body that shuts to the skin
     * @param EndForm      $start    where the piece begins, when its two ends are unlike; $finish where it ends
     * @param Length|null  $play     behind a button, before the first knot
     * @param int          $behind   square knots hidden behind a button
     * @param Tails|null   $tails    plain ones of the core when null
     * @param Length|null  $short    from the body to a single sliding barrel; as near as it can be tied when null
     * @param bool         $spaced   whether that barrel is one of the piece's evenly spaced knots
     * @param bool         $plain    whether the knot of elastic is a plain one, of two overhands
     * @param bool         $glued    whether glue goes on the cords that a slider runs on, or the knot on elastic
     */
    public function __construct(
        public ClosureKind $kind,
        public int $knots = 4,
        public int $wraps = BarrelKnot::USUAL,
        public ?Length $tail = null,
        public int $loops = 1,
        public array $findings = [],
        public bool $glued = false,
        public bool $knotted = false,
        public ?Shows $shows = null,
        public EndForm $start = EndForm::Loop,
        public EndForm $finish = EndForm::Findings,
        public ?Length $play = null,
        public int $behind = 0,
        public ?Tails $tails = null,
        public ?Length $short = null,
        public bool $spaced = false,
        public bool $plain = false,
    ) {}

    /**
     * @return list<string> what a maker chose that is not as usual, by field
     */
    public function said(): array
    {
        $usual = new self($this->kind);

        return array_keys(array_filter([
            'wraps' => $this->wraps !== $usual->wraps,
            'tail' => null !== $this->tail,
            'loops' => $this->loops !== $usual->loops,
            'findings' => [] !== $this->findings,
            'glued' => $this->glued,
            'knotted' => $this->knotted,
            'shows' => null !== $this->shows,
            'play' => null !== $this->play,
            'behind' => 0 !== $this->behind,
            'tails' => null !== $this->tails,
            'short' => null !== $this->short,
            'spaced' => $this->spaced,
            'plain' => $this->plain,
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
        return $this->with(tail: $this->tail, findings: $findings);
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
            $knows('knots') ? $this->knots : $usual->knots,
            $knows('wraps') ? $this->wraps : $usual->wraps,
            tail: null,
            loops: $knows('loops') ? $this->loops : $usual->loops,
            findings: $knows('findings') ? $this->findings : $usual->findings,
            glued: $knows('glued') && $this->glued,
            knotted: $knows('knotted') && $this->knotted,
            shows: $knows('shows') ? $this->shows : $usual->shows,
            start: $this->start,
            finish: $this->finish,
            play: $knows('play') ? $this->play : $usual->play,
            behind: $knows('behind') ? $this->behind : $usual->behind,
            tails: $knows('tails') ? $this->tails : $usual->tails,
            short: $knows('short') ? $this->short : $usual->short,
            spaced: $knows('spaced') && $this->spaced,
            plain: $knows('plain') && $this->plain,
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
            tail: $this->tail,
            findings: array_map($rename, $this->findings),
            tails: $this->tails?->renamed($rename),
        );
    }

    /**
     * Returns this wish with its single sliding barrel so far from the body.
     */
    public function withShort(Length $short): self
    {
        return $this->with(tail: $this->tail, short: $short);
    }

    /**
     * Returns this wish with so many square knots in its slider.
     */
    public function withKnots(int $knots): self
    {
        return $this->with(tail: $this->tail, knots: $knots);
    }

    /**
     * Returns this wish with so many loops one behind the other.
     */
    public function withLoops(int $loops): self
    {
        return $this->with(tail: $this->tail, loops: $loops);
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
            $knots ?? $this->knots,
            $this->wraps,
            tail: $tail,
            loops: $loops ?? $this->loops,
            findings: $findings ?? $this->findings,
            glued: $this->glued,
            knotted: $this->knotted,
            shows: $this->shows,
            start: $this->start,
            finish: $this->finish,
            play: $this->play,
            behind: $this->behind,
            tails: $tails ?? $this->tails,
            short: $short ?? $this->short,
            spaced: $this->spaced,
            plain: $this->plain,
        );
    }
}
