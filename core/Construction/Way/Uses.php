<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Hand\Made;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Material\Cord as Material;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndUse;

/**
 * What elements of the line take of an end: as long as it is, so many knots, or what is made until a length is reached.
 *
 * @internal
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
    public function spent(Element $element, End $end, float $straight, float $knots, int $count): EndUse
    {
        $made = $knots > 0.0 ? $this->madeOf($element, $end->cord->material) : null;
        $repeat = $this->repeats->of($element);
        if (null === $repeat) {
            return null === $made ? EndUse::straight($end, $straight) : EndUse::knots($end, $knots, $made, $straight);
        }
        $length = $element->extent->length->millimetres * $count;
        $knotted = $length * $element->knotted();
        if (null !== $made) {
            return EndUse::until($end, $repeat, $straight, $knots, $made, $length - $knotted, $knotted);
        }

        // What runs straight through all of it is as long as it comes out.
        return abs($straight - $length) < 1e-9
            ? EndUse::straight($end, $straight)
            : EndUse::until($end, $repeat, $straight, 0.0, null, $length, 0.0);
    }

    private function madeOf(Element $element, Material $cord): Made
    {
        $word = $element->madeOf();

        return $this->made[$word.' '.$element->kind->value.' '.spl_object_id($cord)] ??= Made::of(
            $word,
            $cord,
            $element->isPushed(),
            $element->isSampledIn($this->book),
        );
    }
}
