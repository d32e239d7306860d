<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\Footing;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Construction\BraidedChain;
use Rinkel\Core\Construction\Construction;
use Rinkel\Core\Construction\CoreHanging;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Construction\Look;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\Profile;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Line\Choice;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Exception\PartDoesNotSuit;
use Rinkel\Core\Line\Line;
use Rinkel\Core\Line\LineSetter;
use Rinkel\Core\Line\Setting;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Piece;

/**
 * Sets a piece's line to its wearer.
 *
 * How thick the piece lies where depends on its counts, and they on how long a ring that thick is: both are worked out
 * by turns until they agree. Where whole repeats leave a choice, what wears well comes before what is nearest.
 *
 * @internal
 */
final readonly class Fitting
{
    /** Rounds after which counts and thickness agree, or take turns between two that are as good. */
    private const ROUNDS = 5;

    private CordUse $ends;
    private Closure $closure;
    private LineSetter $setter;
    private Lying $lying;

    /**
     * @param Ring|null $like that the same line makes with another closure
     */
    public function __construct(
        private Piece $piece,
        private Construction $construction,
        private Line $line,
        private ?Ring $like = null,
    ) {
        $this->ends = $construction->ends($piece);
        $this->closure = $piece->closure->kind->on(new Site(
            $piece->closure,
            $this->ends,
            $piece->sliderCord() ?? $this->ends->cord,
            $piece->knots($construction->maker($piece)->ground(...)),
            findings: $piece->findings,
            beads: $piece->beads,
            footing: new Footing(
                tailEnd: $piece->habits->tailEnd(),
                together: $this->ends->count + (CoreHanging::laysUnder($piece)
                ? 0
                : 2 * max(0, \count(array_diff_key($piece->cords, ['slider' => 0])) - 1)),
                isWrap: Look::Wrap === $construction->look(),
                isLinked: Look::Chain === $construction->look(),
                isFolded: CoreHanging::folds($piece) || $construction instanceof BraidedChain,
                loopFirst: $piece->habits->order->button->isLast(),
                hasSoftEnds: CoreHanging::areLaidIn($piece),
            ),
        ));
        $this->setter = LineSetter::for($piece->beads);
        $this->lying = new Lying($piece->beads);
    }

    /**
     * Returns the piece set to its wearer.
     *
     * @throws PartDoesNotSuit If what is to fit would take too many parts
     */
    public function draft(): Draft
    {
        $draft = $this->set();
        for ($round = 0; $this->piece->closure->knot->spaced && $round < self::ROUNDS; ++$round) {
            $gap = self::gap($draft);
            if (
                null === $gap
                || $gap->minus($draft->piece->closure->reach->short ?? Length::zero())->absolute()->millimetres < 0.01
            ) {
                break;
            }
            $spaced = $this->piece->withClosure($this->piece->closure->withShort($gap));
            $draft = (new self($spaced, $this->construction, $this->line, $draft->ring))->set();
        }

        return $draft;
    }

    /**
     * Returns the bare cord between two knots of the piece, the first there is; null when there is none.
     */
    private static function gap(Draft $draft): ?Length
    {
        foreach ($draft->setting->elements as $element) {
            if (ElementKind::Bare === $element->kind && !$element->extent->length->isZero()) {
                return $element->extent->length;
            }
        }

        return null;
    }

    /**
     * Returns the line set as near to what is wished as it comes on a ring like $ring, however that wears: quick.
     *
     * @throws PartDoesNotSuit If what is to fit would take too many parts
     */
    public function nearest(Ring $ring): Setting
    {
        return $this->setter->set($this->line->plain(), $this->goal($ring), $this->closure->isBound());
    }

    private function set(): Draft
    {
        $plain = $this->line->plain();
        [$setting, $ring] = $this->agreed($plain);
        $draft = $this->drafted($setting, $ring);
        $draft = self::rank($draft) > 0 ? $this->worn($draft) : $draft;

        return $plain === $this->line ? $draft : $this->at(array_map(
            static fn (int $count, int $more): int => max(0, $count + $more),
            $draft->setting->counts,
            $this->line->more,
        ), $ring);
    }

    /**
     * Returns the piece with its fits as often as $counts says.
     *
     * @param list<int> $counts
     * @param Ring|null $like   that it makes with other counts
     */
    public function at(array $counts, ?Ring $like = null): Draft
    {
        $ring = $this->ring($this->line->elements($counts), $like);

        return $this->drafted($this->setter->at($this->line, $counts, $this->goal($ring)), $ring);
    }

    /**
     * @return array{Setting, Ring}
     */
    private function agreed(Line $line): array
    {
        $ring = $this->like ?? $this->evenRing();
        $setting = $this->setter->set($line, $this->goal($ring), $this->closure->isBound());
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $ring = $this->ring($setting->elements, 0 === $round ? $this->like : $ring);
            $before = $setting->counts;
            $setting = $this->setter->set($line, $this->goal($ring), $this->closure->isBound());
            if ($before === $setting->counts) {
                break;
            }
        }

        return [$setting, $ring];
    }

    /**
     * Returns the draft beside $draft that wears well, the nearest of them; $draft itself where none does better.
     */
    private function worn(Draft $draft): Draft
    {
        $best = $draft;
        foreach ($draft->setting->choices as $choice) {
            $near = $this->isPossible($choice) ? $this->at($choice->counts, $draft->ring) : $draft;
            $best = [self::rank($near), $near->setting->over->absolute()->millimetres]
                < [self::rank($best), $best->setting->over->absolute()->millimetres] ? $near : $best;
        }

        return $best === $draft ? $draft : $best->insteadOf($draft->setting->over);
    }

    private function isPossible(Choice $choice): bool
    {
        return $choice->length->isLongerThan(Length::zero()) && array_sum($choice->counts) > 0
            && $this->setter->suffices($this->line->elements($choice->counts));
    }

    /**
     * Returns how far a piece that does not slide is from wearing well, too tight or too loose, in mm.
     */
    private static function rank(Draft $draft): float
    {
        if ($draft->fastened->kind->slides() || null !== $draft->piece->askedLength()) {
            return 0.0;
        }

        return (new EaseScale($draft->piece->wearer))->beyond($draft->closed())->millimetres;
    }

    private function drafted(Setting $setting, Ring $ring): Draft
    {
        return new Draft(
            $this->piece,
            $this->line,
            $ring,
            $setting,
            $this->closure->fasten($ring, $setting->length),
            $this->goal($ring),
            $this->construction,
        );
    }

    private function goal(Ring $ring): Length
    {
        return Length::longest(Length::zero(), $this->closure->body($ring));
    }

    /**
     * @param list<Element> $elements as the piece is set
     */
    private function ring(array $elements, ?Ring $like): Ring
    {
        $lies = $this->lying->of($elements);
        $profile = new Profile($lies, $this->ends->cord->thickness, $this->closure->lies());

        return $this->ringOf($profile, $elements, $like);
    }

    /**
     * Returns a ring to begin with, as thick everywhere as the piece is on the whole.
     */
    private function evenRing(): Ring
    {
        $once = $this->line->elements(array_fill(0, \count($this->line->shares), 1));

        return $this->ringOf(Profile::even($this->lying->of($once), $this->ends->cord->thickness), $once);
    }

    /**
     * @param list<Element> $elements of which the widest is as wide as one wrap
     */
    private function ringOf(Profile $profile, array $elements, ?Ring $like = null): Ring
    {
        $widths = array_map(
            static fn (Element $element): Length => $element->seat->hangs ? Length::zero() : $element->extent->width,
            $elements,
        );

        return new Ring(
            $this->piece->wearer,
            $this->piece->roomOverGirth(),
            $this->piece->wraps,
            $profile,
            Length::longest($this->ends->cord->thickness, ...$widths),
            $this->piece->askedLength(),
            $like,
        );
    }
}
