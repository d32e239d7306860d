<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\OnEnd;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Plan\CountRange;

/**
 * Which runs of a set line are as long as something asks, and which of so many knots; and how sure their counts are.
 *
 * @internal
 */
final readonly class Runs
{
    /** @var array<string, true> places of what stands so often as the maker says */
    private array $counted;

    public function __construct(private Draft $draft)
    {
        $line = $draft->line;
        $none = $line->elements(array_fill(0, \count($line->shares), 0));
        $counted = [];
        foreach ($none as $element) {
            $counted[self::placeOf($element)] = true;
        }
        foreach ($line->fills() as $chunk) {
            unset($counted[self::placeOf($chunk->elements[0])]);
        }
        $this->counted = $counted;
    }

    /**
     * Returns whether there are as many of $element as the length asks.
     */
    public function isFree(Element $element): bool
    {
        return !isset($this->counted[self::placeOf($element)]);
    }

    /**
     * Returns how sure the counts of the fits are: what knots decide of a repeat's length, the hand decides.
     *
     * @return list<CountRange>
     */
    public function ranges(): array
    {
        $piece = $this->draft->piece;
        $ranges = [];
        foreach ($this->draft->setting->counts as $fit => $count) {
            [$length, $variance] = [0.0, 0.0];
            foreach ($this->draft->line->repeat($fit) as $element) {
                $length += $element->extent->length->millimetres;
                $variance += $element->extent->length->millimetres * $element->knotted()
                    * $piece->hand->spreadOfPitch(
                        $element->madeOf(),
                        $this->cordOf($element),
                        $element->isPushed(),
                        $element->isSampledIn($piece->knots()),
                        $piece->tension,
                    );
            }
            $sure = $length > 0.0 ? $variance / $length : 0.0;
            $ranges[] = CountRange::around($count, $sure);
        }

        return $ranges;
    }

    /**
     * Returns the cord that ties an element: what it takes most of.
     */
    private function cordOf(Element $element): Cord
    {
        $most = null;
        foreach ($element->takes as $lane => $take) {
            if ($take->ties() && (null === $most || $take->knots->isLongerThan($most[1]))) {
                $most = [(string) $lane, $take->knots];
            }
        }
        $cords = $this->draft->piece->cords;
        $use = $cords[OnEnd::role($most[0] ?? '')]
            ?? $cords['working']
            ?? $this->draft->construction->ends($this->draft->piece);

        return $use->cord;
    }

    private static function placeOf(Element $element): string
    {
        return null === $element->mention->place
            ? ''
            : $element->mention->place->line.':'.$element->mention->place->column;
    }
}
