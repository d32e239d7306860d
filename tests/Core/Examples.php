<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Remark\Check;

/**
 * Pieces for tests: a plain band, the examples, any change of them by dotted path, and pieces by chance.
 */
final class Examples
{
    private const PLAIN = [
        'format' => PieceReader::FORMAT,
        'version' => PieceReader::VERSION,
        'construction' => 'square-knot-band',
        'name' => 'Plain band',
        'unit' => 'cm',
        'wearer' => ['girth' => '16 cm', 'measured' => 'snug', 'hand' => '20 cm'],
        'ease' => '12.7 mm',
        'cords' => [
            'core' => ['fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#aabbcc', 'count' => 2],
            'working' => ['fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#112233'],
        ],
        'pattern' => '1 square x fit',
        'closure' => ['kind' => 'square-slider'],
    ];

    /**
     * @param array<string, mixed> $changes by dotted path; null takes a field out
     * @param array<mixed>         $of
     *
     * @return array<mixed>
     */
    public static function document(array $changes = [], array $of = self::PLAIN): array
    {
        foreach ($changes as $path => $value) {
            $of = array_replace_recursive($of, self::nested(explode('.', $path), $value));
        }

        return $of;
    }

    /**
     * Returns a piece of a construction with nothing decided but the girth.
     *
     * @param array<string, mixed> $changes
     *
     * @return array<mixed>
     */
    public static function bare(string $construction, array $changes = []): array
    {
        return self::document(
            $changes,
            [
                'construction' => $construction,
                'wearer' => ['girth' => '16 cm'],
            ] + array_diff_key(self::PLAIN, array_flip(['cords', 'pattern', 'closure', 'ease'])),
        );
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
    public static function piece(array $changes = []): PieceSpec
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
     * @param array<string, mixed> $changes
     */
    public static function planOf(string $construction, array $changes = []): Plan
    {
        return (new Planner())->plan((new PieceReader())->read(self::bare($construction, $changes)));
    }

    public static function check(Plan $plan, string $code): ?Check
    {
        return array_values(
            array_filter($plan->checks, static fn (Check $check): bool => $check->code === $code),
        )[0] ?? null;
    }

    /**
     * @return array<string, PieceSpec> by file name
     */
    public static function shipped(): array
    {
        $pieces = [];
        foreach (glob(\dirname(__DIR__, 2).'/demo/pieces/*.json') ?: [] as $file) {
            $document = json_decode((string) file_get_contents($file), true, 32, \JSON_THROW_ON_ERROR);
            $pieces[basename($file, '.json')] = (new PieceReader())->read(\is_array($document) ? $document : []);
        }

        return $pieces;
    }

    /**
     * Returns a piece that any maker could mean, by chance.
     */
    public static function random(Chance $chance): PieceSpec
    {
        $millimetres = static fn (float $from, float $to): string => round($chance->between($from, $to), 2).' mm';
        $construction = $chance->of(Constructions::all()->ids() ?: ['square-knot-band']);
        $cord = static fn (string $role): array => array_filter([
            'thickness' => $millimetres(0.4, 2.5),
            'fibre' => $chance->of(['polyester', 'nylon', 'linen', 'silk', 'leather', 'cotton', 'hemp']),
            'colour' => '#4a6b7c',
            'count' => 'core' === $role || 'strand' === $role ? $chance->whole(1, 6) : null,
        ], static fn (mixed $value): bool => null !== $value);
        $bead = static fn (): array => [
            'shape' => $chance->of(['round', 'cube', 'tube', 'rondelle', 'disc', 'chip', 'drop']),
            'diameter' => $millimetres(2, 14),
            'colour' => $chance->of(['#aa3322', '#22aa33', '#eeeecc', '#223344']),
            'stock' => $chance->oneIn(6) ? $chance->whole(0, 40) : null,
        ];
        $roles = match ($construction) {
            'square-knot-band' => ['core', 'working'],
            'stacked-band' => ['core', 'red', 'blue'],
            'knotted-strands' => ['strand'],
            default => [],
        };

        return (new PieceReader())->read(self::bare($construction, [
            'unit' => $chance->of(['cm', 'in']),
            'wearer.girth' => $millimetres(120, 260),
            'wearer.measured' => $chance->of(['snug', 'comfortable']),
            'wearer.hand' => $chance->oneIn(2) ? $millimetres(150, 300) : null,
            'wearer.upper' => $chance->oneIn(3) ? $millimetres(260, 300) : null,
            'wearer.upperAt' => '80 mm',
            'ease' => $millimetres(0, 40),
            'tension' => $chance->of(['loose', 'even', 'firm']),
            'wraps' => $chance->of([1, 1, 1, 2, 3]),
            'cords' => array_combine($roles, array_map($cord, $roles)),
            'beads' => $chance->oneIn(2) ? ['one' => $bead(), 'two' => $bead()] : [],
        ]));
    }
}
