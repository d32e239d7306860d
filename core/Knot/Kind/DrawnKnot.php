<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Kind;

use Rinkel\Core\Knot\DrawnWay;
use Rinkel\Core\Knot\Exception\KnotUnreadable;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\OverhandKnot;
use Rinkel\Core\Knot\PulledKnot;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;

/**
 * A knot of somebody's own, in its cord or in several together: "2 figure eight". What it measures and takes was found
 * by pulling it tight on the computer; softer cord takes as much less of it as of an overhand.
 */
final readonly class DrawnKnot extends Plain
{
    public const NAME = '/^\p{Ll}{2,20}(?: \p{Ll}{2,20})?$/Du';

    private function __construct(
        private string $word,
        public DrawnWay $way,
        public PulledKnot $pulled,
    ) {}

    /**
     * @throws KnotUnreadable If it cannot be called so
     */
    public static function called(string $word, DrawnWay $way, PulledKnot $pulled): self
    {
        self::check($word);

        return new self($word, $way, $pulled);
    }

    /**
     * @throws KnotUnreadable If no knot of somebody's own can be called so
     */
    public static function check(string $word): void
    {
        if (1 !== preg_match(self::NAME, $word)) {
            throw KnotUnreadable::name($word);
        }
        if (null !== KnownKnots::all()->named($word)) {
            throw KnotUnreadable::taken($word);
        }
    }

    public function word(): string
    {
        return $this->word;
    }

    public function manner(): Manner
    {
        return Manner::Own;
    }

    public function tied(TyingContext $ground, Tension $tension): TiedKnot
    {
        $cord = $ground->cord->round();
        $fibre = $ground->cord->fibre;
        $size = $cord->times($ground->together ** OverhandKnot::LONGER);
        $pitch = $size->times($this->pulled->length * $fibre->lengthFactor());
        $inside = $cord->times($this->pulled->use * $ground->together ** OverhandKnot::MORE * $fibre->useFactor());

        return new TiedKnot(
            $pitch,
            $pitch->plus($inside),
            $size->times($this->pulled->width),
            $size->times($this->pulled->height),
        );
    }
}
