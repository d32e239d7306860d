<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson;

/**
 * Ten evenings from the first overhand to a bracelet of two wraps, each with a small piece that asks for little more
 * than the one before.
 *
 * @internal
 */
final class TenEvenings
{
    /**
     * @return non-empty-array<int, Evening> by number
     */
    public static function evenings(): array
    {
        $evenings = [];
        foreach (self::designs() as $i => [$exercise, $design]) {
            $evenings[$i + 1] = new Evening($i + 1, $design, $exercise);
        }

        return $evenings;
    }

    /**
     * @return non-empty-list<array{string, array<string, mixed>}> an exercise and a piece each
     */
    private static function designs(): array
    {
        return [
            ['how-to-wrap', self::along('(1 overhand, gap 22 mm) x fit, 1 overhand', '1.5 mm', '#7a4a2b')],
            ['which-finish', [
                ...self::along('(1 overhand, 1 bead pebble, 1 overhand, gap 18 mm) x fit', '1.2 mm', '#2f5d62'),
                'beads' => ['pebble' => self::bead('6 mm', '2 mm', '#d8cdb8')],
            ]],
            ['next-side', self::band('1 square x fit', 'hemp', '1.2 mm', '#c9b38a', '#3f6b4f')],
            ['flat-or-turning', self::band('1 half left x fit', 'hemp', '1 mm', '#c9b38a', '#8a3f3a')],
            ['how-many-left', [
                ...self::band('6 square, 1 half left x fit, 6 square', 'waxed-cotton', '1 mm', '#55606e', '#55606e'),
                ...self::button('12 mm'),
            ]],
            ['count-bumps', [
                ...self::band('1 square x fit', 'polyester', '1 mm', '#d09a3a', '#2b4a6f'),
                'closure' => ['kind' => 'square-slider', 'knots' => 4],
            ]],
            ['find-fault', [
                ...self::band(
                    '6 square fill, (1 bead berry, 4 square) x fit, 2 square fill',
                    'polyester',
                    '0.8 mm',
                    '#444b54',
                    '#4f7a5a',
                ),
                'closure' => ['kind' => 'square-slider', 'knots' => 4],
                'beads' => ['berry' => self::bead('5 mm', '1.8 mm', '#b5533c')],
            ]],
            ['how-to-wrap', [
                ...self::along('(1 barrel 3, gap 16 mm) x fit, 1 barrel 3', '1.2 mm', '#5b4a7a'),
                'closure' => ['kind' => 'double-barrel'],
            ]],
            ['how-many-left', self::wrap(1, '(bundle loose moss moss moss, 1 barrel 3) x fit')],
            [
                'which-finish',
                self::wrap(2, '(bundle loose moss sand moss / sand moss sand, 1 barrel 3) x fit alternate'),
            ],
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function along(string $pattern, string $thickness, string $colour): array
    {
        return [
            'construction' => 'spaced-knots',
            'cords' => ['cord' => ['fibre' => 'waxed-cotton', 'thickness' => $thickness, 'colour' => $colour]],
            'pattern' => $pattern,
            'closure' => ['kind' => 'ties'],
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function band(
        string $pattern,
        string $fibre,
        string $thickness,
        string $core,
        string $working,
    ): array {
        return [
            'construction' => 'square-knot-band',
            'cords' => [
                'core' => ['fibre' => $fibre, 'thickness' => $thickness, 'colour' => $core],
                'working' => ['fibre' => $fibre, 'thickness' => $thickness, 'colour' => $working],
            ],
            'pattern' => $pattern,
            'closure' => ['kind' => 'two-ends', 'start' => 'loop', 'finish' => 'ties'],
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function wrap(int $wraps, string $pattern): array
    {
        return [
            'construction' => 'bundled-wrap',
            'wraps' => $wraps,
            'cords' => ['cord' => ['fibre' => 'polyester', 'thickness' => '0.8 mm', 'colour' => '#3b3f4a']],
            'beads' => [
                'moss' => self::bead('4 mm', '1.2 mm', '#5f7f52'),
                'sand' => self::bead('4 mm', '1.2 mm', '#d9b98a'),
            ],
            'pattern' => 'gap 8 mm, '.$pattern,
            ...self::button('11 mm'),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function button(string $length): array
    {
        return [
            'findings' => ['button' => ['kind' => 'button', 'length' => $length]],
            'closure' => ['kind' => 'button-loop', 'findings' => ['button']],
        ];
    }

    /**
     * @return array<string, string>
     */
    private static function bead(string $diameter, string $hole, string $colour): array
    {
        return ['shape' => 'round', 'diameter' => $diameter, 'hole' => $hole, 'colour' => $colour];
    }
}
