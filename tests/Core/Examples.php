<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;

/**
 * Pieces for tests: a plain one, and any change of it by dotted path.
 */
final class Examples
{
    /**
     * @param array<string, mixed> $changes by dotted path; null takes a field out
     *
     * @return array<mixed>
     */
    public static function document(array $changes = []): array
    {
        $document = [
            'format' => PieceReader::FORMAT,
            'version' => PieceReader::VERSION,
            'construction' => 'square-knot-band',
            'name' => 'Plain band',
            'unit' => 'cm',
            'wearer' => ['wrist' => '16 cm', 'measured' => 'snug', 'hand' => '20 cm'],
            'ease' => '12.7 mm',
            'core' => ['fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#aabbcc', 'count' => 2],
            'working' => ['fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#112233'],
            'slider' => ['knots' => 4],
        ];
        foreach ($changes as $path => $value) {
            $document = array_replace_recursive($document, self::nested(explode('.', $path), $value));
        }

        return $document;
    }

    /**
     * @param list<string> $steps
     *
     * @return array<mixed>
     */
    private static function nested(array $steps, mixed $value): array
    {
        $step = array_shift($steps);

        return [(string) $step => [] === $steps ? $value : self::nested($steps, $value)];
    }

    /**
     * @param array<string, mixed> $changes
     */
    public static function piece(array $changes = []): Piece
    {
        return (new PieceReader())->read(self::document($changes));
    }

    /**
     * @param array<string, mixed> $changes
     */
    public static function plan(array $changes = []): Plan
    {
        return (new Planner())->plan(self::piece($changes));
    }

    /**
     * Returns a piece that any maker could mean, by chance.
     */
    public static function random(Chance $chance): Piece
    {
        $millimetres = static fn (float $from, float $to): string => round($chance->between($from, $to), 2).' mm';

        return self::piece([
            'unit' => $chance->of(['cm', 'in']),
            'wearer.wrist' => $millimetres(110, 260),
            'wearer.measured' => $chance->of(['snug', 'comfortable']),
            'wearer.hand' => $chance->oneIn(2) ? $millimetres(150, 300) : null,
            'ease' => $millimetres(0, 40),
            'core.count' => $chance->whole(1, 8),
            'core.thickness' => $millimetres(0.4, 3),
            'core.fibre' => $chance->of(['polyester', 'leather', 'hemp']),
            'working.thickness' => $millimetres(0.4, 3),
            'working.fibre' => $chance->of(['nylon', 'linen', 'silk', 'leather', 'cotton']),
            'hand' => $chance->of(['loose', 'even', 'firm']),
            'slider.knots' => $chance->whole(1, 10),
            'slider.tail' => $chance->oneIn(4) ? $millimetres(10, 120) : null,
            'band.squareKnots' => $chance->oneIn(4) ? $chance->whole(1, 120) : null,
        ]);
    }
}
