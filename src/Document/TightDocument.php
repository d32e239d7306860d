<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\Core\Tight\TightBook;
use Rinkel\Core\Tight\TightCase;
use Rinkel\Core\Tight\TwoSpacings;

/**
 * What came of pulling a knot tight, in the open format; all in diameters of the cord that is knotted.
 */
final readonly class TightDocument
{
    private const FORMAT = 'rinkel-tight';

    /** What an error below this is said as. */
    private const LEAST = 0.001;

    /**
     * @return array<string, mixed>
     */
    public function of(TightCase $case, TwoSpacings $found): array
    {
        return [
            'knot' => $case->id,
            ...$case->knot->counted(),
            ...($case->knot->isAround()
                ? ['cores' => $case->inside->count, 'core' => $case->inside->diameter]
                : []),
            ...(0.0 === $case->push ? [] : ['push' => $case->push]),
            'cord' => $case->hardness->value,
            ...($case->core === $case->hardness ? [] : ['core cord' => $case->core->value]),
            'use' => self::figure($found->taking->mean(), $found->error->mean()),
            'of each' => array_map(static fn (float $use): float => round($use, 3), $found->taking->use),
            'length' => self::figure($found->taking->length, $found->error->length),
            'width' => self::figure($found->taking->width, $found->error->width),
            'height' => self::figure($found->taking->height, $found->error->height),
            'turn' => round($found->taking->turn, 1),
            'closest' => round($found->fine->closest, 4),
            'whole' => $found->fine->isWhole(),
        ];
    }

    /**
     * @param list<array<string, mixed>> $found
     *
     * @return array<string, mixed>
     */
    public function book(array $found): array
    {
        return [
            'format' => self::FORMAT,
            'version' => TightBook::VERSION,
            'spacing' => TightBook::SPACING,
            'knots' => $found,
        ];
    }

    /**
     * @return array{float, float} the figure and its error
     */
    private static function figure(float $of, float $error): array
    {
        return [round($of, 3), max(self::LEAST, round($error, 3))];
    }
}
