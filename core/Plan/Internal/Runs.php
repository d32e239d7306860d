<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\OnEnd;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Pattern\Node\Lane;
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
     * Returns whether it is tied of knots that are pushed together.
     */
    public function isPushed(Element $element): bool
    {
        return true === $element->knot?->manner()->isPushed()
            || \in_array($element->kind, [ElementKind::Rows, ElementKind::Wave], true);
    }

    /**
     * Returns of which kind the knots are that it is made of: a wave's length and use are its lark's heads'.
     */
    public static function kind(Element $element): string
    {
        return ElementKind::Wave === $element->kind ? (new VerticalLarksHead())->word() : $element->word();
    }

    public function isSampled(Element $element): bool
    {
        $book = $this->draft->piece->knots();

        return null === $element->knot
            ? null !== $book->sampleOf($element->word())
            : $book->hasSample($element->knot);
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
                $length += $element->length->millimetres;
                $variance += $element->length->millimetres * self::knotted($element)
                    * $piece->hand->spreadOfPitch(
                        self::kind($element),
                        $this->cordOf($element),
                        $this->isPushed($element),
                        $this->isSampled($element),
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

    /**
     * Returns which share of an element's length its knots make up: all of a knot, what beads leave of a step of rows or
     * of an arm of a wave.
     */
    private static function knotted(Element $element): float
    {
        $beads = match ($element->kind) {
            ElementKind::Rows => max(array_map(self::long(...), $element->beside) ?: [0.0]),
            ElementKind::Wave => array_sum(array_map(self::long(...), array_filter(
                $element->beside,
                static fn (Element $bead): bool => Lane::Core === $bead->lane,
            ))) / 2,
            default => null === $element->knot ? \INF : 0.0,
        };
        $core = ($element->takes['core'] ?? null)?->straight->millimetres ?? 1.0;

        return max(0.0, 1 - $beads / max(1e-9, $core));
    }

    private static function long(Element $element): float
    {
        return $element->length->millimetres;
    }

    private static function placeOf(Element $element): string
    {
        return null === $element->place ? '' : $element->place->line.':'.$element->place->column;
    }
}
