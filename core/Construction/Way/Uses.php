<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Hand\Made;
use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Material\Cord as Material;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Spent;

/**
 * What elements of the line take of an end: as long as it is, so many knots, or what is made until a length is reached.
 */
final class Uses
{
    /** @var array<string, Made> by cord and what was made */
    private array $made = [];

    public function __construct(
        private readonly KnotBook $book,
        private readonly Repeats $repeats,
    ) {}

    /**
     * @param float $straight of all of them
     * @param float $knots    likewise
     */
    public function spent(Element $element, End $end, float $straight, float $knots, int $count): Spent
    {
        $made = $knots > 0.0 ? $this->madeOf($element, $end->cord->material) : null;
        $repeat = $this->repeats->of($element);
        if (null === $repeat) {
            return null === $made ? Spent::straight($end, $straight) : Spent::knots($end, $knots, $made, $straight);
        }
        $length = $element->length->millimetres * $count;
        $knotted = $length * self::knotted($element);
        if (null !== $made) {
            return Spent::until($end, $repeat, $straight, $knots, $made, $length - $knotted, $knotted);
        }

        // What runs straight through all of it is as long as it comes out.
        return abs($straight - $length) < 1e-9
            ? Spent::straight($end, $straight)
            : Spent::until($end, $repeat, $straight, 0.0, null, $length, 0.0);
    }

    private function madeOf(Element $element, Material $cord): Made
    {
        $word = self::kind($element);

        return $this->made[$word.' '.$element->kind->value.' '.spl_object_id($cord)] ??= Made::of(
            $word,
            $cord,
            self::isPushed($element),
            null === $element->knot
                ? null !== $this->book->sampleOf($element->word())
                : $this->book->hasSample($element->knot),
        );
    }

    private static function isPushed(Element $element): bool
    {
        return true === $element->knot?->manner()->isPushed()
            || \in_array($element->kind, [ElementKind::Rows, ElementKind::Wave], true);
    }

    /**
     * Returns of which kind the knots are that it is made of: a wave's length and use are its lark's heads'.
     */
    private static function kind(Element $element): string
    {
        return ElementKind::Wave === $element->kind ? (new VerticalLarksHead())->word() : $element->word();
    }

    /**
     * Returns which share of an element's length its knots make up: all of a knot, what beads leave of a step of rows
     * or of an arm of a wave.
     */
    private static function knotted(Element $element): float
    {
        $long = static fn (Element $bead): float => $bead->length->millimetres;
        $beads = match ($element->kind) {
            ElementKind::Rows => max(array_map($long, $element->beside) ?: [0.0]),
            ElementKind::Wave => array_sum(array_map($long, array_filter(
                $element->beside,
                static fn (Element $bead): bool => Lane::Core === $bead->lane,
            ))) / 2,
            default => null === $element->knot ? \INF : 0.0,
        };
        $core = ($element->takes['core'] ?? null)?->straight->millimetres ?? 1.0;

        return max(0.0, 1 - $beads / max(1e-9, $core));
    }
}
