<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Knot\Exception\KnotUnreadable;

/**
 * What a knot of somebody's own came to when it was pulled tight on the computer, in diameters of its cord.
 */
final readonly class PulledKnot
{
    /** What no knot goes beyond, in diameters. */
    private const MOST = 200.0;
    private const MOST_POINTS = 400;

    /**
     * @param float                            $use     cord inside the knot, beyond the way past it
     * @param float                            $length  along the cord
     * @param float                            $width   as it lies on the page
     * @param float                            $height  above each other
     * @param float                            $error   share by which $use and $length may be wrong
     * @param int                              $version of the program that pulled it
     * @param list<array{float, float, float}> $way     of the tight cord: across to the left, up, down the page
     */
    private function __construct(
        public float $use,
        public float $length,
        public float $width,
        public float $height,
        public float $error,
        public int $version,
        public array $way,
    ) {}

    /**
     * @param array{float, float, float, float} $size use, length, width and height
     * @param list<array{float, float, float}>  $way
     *
     * @throws KnotUnreadable If a size is none
     */
    public static function of(array $size, float $error, int $version, array $way): self
    {
        foreach (['use', 'length', 'width', 'height'] as $i => $field) {
            $size[$i] >= 0.5 && $size[$i] <= self::MOST || throw KnotUnreadable::pulled($field);
        }
        $error >= 0 && $error <= 1 || throw KnotUnreadable::pulled('error');
        if (\count($way) < 4 || \count($way) > self::MOST_POINTS) {
            throw KnotUnreadable::pulled('way');
        }

        return new self(...[...$size, $error, $version, $way]);
    }

    /**
     * Reads the way of a tight cord as it is written: "0.00 0.51 -3.20, …".
     *
     * @param array{float, float, float, float} $size
     *
     * @throws KnotUnreadable If it is none
     */
    public static function read(array $size, float $error, int $version, string $way): self
    {
        $number = '-?\d{1,3}(?:\.\d{1,4})?';
        if (1 !== preg_match('/^(?:'.$number.' '.$number.' '.$number.'(?:, |$)){4,}$/D', $way)) {
            throw KnotUnreadable::pulled('way');
        }
        $points = [];
        foreach (explode(', ', $way) as $point) {
            [$x, $y, $z] = array_map(floatval(...), explode(' ', $point)) + [0.0, 0.0, 0.0];
            $points[] = [$x, $y, $z];
        }

        return self::of($size, $error, $version, $points);
    }

    public function written(): string
    {
        return implode(', ', array_map(static fn (array $point): string => implode(' ', array_map(
            static fn (float $value): string => \sprintf('%.2F', $value),
            $point,
        )), $this->way));
    }
}
