<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\CountedPart;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternEdit;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Remedy;
use Rinkel\Core\Remark\Severity;

/**
 * Judges a pattern in which every count is fixed: it no longer goes with its wearer, so it may come out short or long
 * of them.
 *
 * @internal
 */
final readonly class FixedCounts
{
    /** A body off by this share of what fits is told (judgement). */
    private const OFF = 0.05;

    public function __construct(private Draft $draft) {}

    public function check(): ?Check
    {
        $over = $this->draft->setting->over;
        $goal = $this->draft->goal;
        if ($this->gives() || $over->absolute()->isShorterThan($goal->times(self::OFF)) || $goal->isZero()) {
            return null;
        }
        $part = $this->longest();
        if (null === $part) {
            return $this->gaps($over);
        }
        [$path, $now, $each] = $part;
        $wanted = max(1, (int) round($now - $over->ratioTo($each)));

        return $wanted === $now ? null : new Check('counts-are-fixed', Severity::Warn, [
            'body' => $this->draft->body(),
            'goal' => $goal,
            'off' => $over->absolute(),
            'side' => $over->isNegative() ? 'short' : 'long',
            'now' => $now,
            'wanted' => $wanted,
        ], new Remedy('pattern', (string) (new PatternEdit($this->draft->piece->pattern->tree))->freed($path)));
    }

    /**
     * Says what other gaps would do, in a pattern of single things and gaps.
     */
    private function gaps(Length $over): ?Check
    {
        $gaps = \count(array_filter(
            $this->draft->setting->elements,
            static fn (Element $element): bool => ElementKind::Bare === $element->kind
                && null !== $element->mention->place,
        ));
        $change = 0 === $gaps ? Length::zero() : $over->times(-1 / $gaps)->roundedUpTo(Length::ofMillimetres(0.5));
        $pattern = $this->draft->piece->pattern->tree->everyGap(
            static fn (Length $length): ?Length => $length->plus($change)->isShorterThan(Length::ofMillimetres(1))
                ? null
                : $length->plus($change),
        );

        return 0 === $gaps || null === $pattern ? null : new Check('gaps-are-fixed', Severity::Warn, [
            'body' => $this->draft->body(),
            'goal' => $this->draft->goal,
            'off' => $over->absolute(),
            'side' => $over->isNegative() ? 'short' : 'long',
            'change' => $change->absolute(),
            'pattern' => (string) $pattern,
        ], new Remedy('pattern', (string) $pattern));
    }

    /**
     * Returns whether anything in the pattern goes with the length already.
     */
    private function gives(): bool
    {
        foreach ($this->draft->setting->elements as $element) {
            if ($element->extent->stretches) {
                return true;
            }
        }

        return [] !== $this->draft->setting->counts || null !== $this->draft->piece->askedLength();
    }

    /**
     * Returns the counted part that makes up most of the body: its path, its count, the length of one.
     *
     * @return array{string, int, Length}|null
     */
    private function longest(): ?array
    {
        $found = null;
        $most = Length::zero();
        $lengths = $this->lengths();
        foreach ($this->draft->piece->pattern->tree->parts as $i => $part) {
            $count = $part instanceof CountedPart && null !== $part->freed() ? $part->count() ?? 0 : 0;
            $length = $count > 1 ? Length::sum(...self::of($part, $lengths)) : Length::zero();
            if ($length->isLongerThan($most)) {
                [$found, $most] = [[(string) $i, $count, $length->times(1 / $count)], $length];
            }
        }

        return $found;
    }

    /**
     * Returns how long all is that each part of the text makes, by its place.
     *
     * @return array<string, Length>
     */
    private function lengths(): array
    {
        $lengths = [];
        foreach ($this->draft->setting->elements as $element) {
            $place = $element->mention->place;
            if (null === $place) {
                continue;
            }
            $lengths[(string) $place] = ($lengths[(string) $place] ?? Length::zero())->plus($element->extent->length);
        }

        return $lengths;
    }

    /**
     * @param array<string, Length> $lengths
     *
     * @return list<Length> of everything in a part
     */
    private static function of(Node $part, array $lengths): array
    {
        $of = [];
        foreach ((new Pattern([$part]))->nodes() as $node) {
            $of[] = $lengths[(string) $node->place()] ?? Length::zero();
        }

        return $of;
    }
}
