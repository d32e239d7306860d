<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Remedy;
use Rinkel\Core\Remark\Severity;

/**
 * Judges what whole repeats leave: of an asked length, and where one repeat is coarser than a fit.
 *
 * @internal
 */
final readonly class Remainder
{
    /** A finished length off by this share is no longer what was asked (judgement). */
    private const OFF = 0.1;

    /** A fit is this wide, in mm: a repeat that is longer can pass it by (judgement). */
    private const ZONE = 6.35;

    public function __construct(private Draft $draft) {}

    public function check(): ?Check
    {
        return null === $this->draft->piece->askedLength() ? $this->coarse() : $this->asked();
    }

    private function asked(): ?Check
    {
        $over = $this->draft->setting->over;
        $repeat = $this->repeat();
        $notable = Length::longest($repeat->times(0.5), Length::ofMillimetres(5));
        if (!$over->absolute()->isLongerThan($notable) || $this->draft->fastened->kind->slides() && $over->isNegative()) {
            return null;
        }
        $asked = $this->draft->piece->askedLength() ?? Length::zero();
        $filled = $this->filled();

        return new Check(
            'length-not-reached',
            $over->absolute()->isLongerThan($asked->times(self::OFF)) ? Severity::Stop : Severity::Warn,
            [
                'asked' => $asked,
                'length' => $asked->plus($over),
                'off' => $over->absolute(),
                'side' => $over->isNegative() ? 'short' : 'long',
                'way' => null === $filled ? 'other' : 'fill',
            ],
            null === $filled ? null : new Remedy('pattern', (string) $filled),
        );
    }

    private function coarse(): ?Check
    {
        $over = $this->draft->setting->over;
        $repeat = $this->repeat();
        $filled = $this->filled();
        $isCoarse = $repeat->millimetres > 2 * self::ZONE && $over->absolute()->millimetres > self::ZONE;

        return null === $filled || !$isCoarse ? null : new Check('repeat-coarse', Severity::Hint, [
            'repeat' => $repeat,
            'off' => $over->absolute(),
            'side' => $over->isNegative() ? 'short' : 'long',
        ], new Remedy('pattern', (string) $filled));
    }

    /**
     * Returns the length of the longest repeat.
     */
    private function repeat(): Length
    {
        $longest = Length::zero();
        foreach (array_keys($this->draft->setting->counts) as $fit) {
            $length = Length::zero();
            foreach ($this->draft->line->repeat($fit) as $element) {
                $length = $length->plus($element->length);
            }
            $longest = Length::longest($longest, $length);
        }

        return $longest;
    }

    /**
     * Returns the pattern whose first and last runs of knots may fill, null when neither is there or they do already.
     */
    private function filled(): ?Pattern
    {
        $parts = $this->draft->piece->pattern->tree->parts;
        $runs = array_filter($parts, static fn (Node $part): bool => $part instanceof Knots);
        if ([] === $runs || [] === $this->draft->setting->counts || [] !== $this->draft->line->fills()) {
            return null;
        }
        foreach ([array_key_first($runs), array_key_last($runs)] as $end) {
            $parts[$end] = $runs[$end]->filling(true);
        }

        return new Pattern(array_values($parts));
    }
}
