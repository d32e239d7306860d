<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\BarrelKnot;
use Rinkel\Core\Knot\Hitch;
use Rinkel\Core\Knot\OverhandKnot;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

/**
 * What Rinkel plans a knot with, without what a fibre gives way, beside what tightening on the computer found
 * (docs/tightened.json), with the errors that docs/model.md names.
 *
 * @phpstan-type Row array{knot: string, cord: string, use: array{float, float}, length: array{float, float},
 *                         whole: bool, 'core cord'?: string, wraps?: int, cords?: int, cores?: int, core?: float,
 *                         push?: float}
 */
final class BookTest extends TestCase
{
    /** By which the use and the length may differ, in diameters; a barrel's for each of its wraps. */
    private const WITHIN = [
        'square' => [0.04, 0.05], 'half left' => [0.04, 0.15], 'hitch' => [0.04, 0.05], 'vertical lark' => [0.06, 0.05],
        'overhand' => [0.05, 0.05],
        'together' => [0.85, 0.85], 'barrel' => [0.1, 0.1], 'sliding barrel' => [0.3, 0.6],
    ];

    public function testRinkelPlansWithWhatWasFound(): void
    {
        $compared = [];
        foreach (self::book() as $row) {
            $planned = 'hard' === $row['cord'] && !isset($row['push']) ? self::planned($row) : null;
            if (null !== $planned) {
                [$use, $length] = self::WITHIN[$row['knot']];
                $name = $row['knot'].' '.($row['wraps'] ?? '').' over '.($row['cores'] ?? 0).' of '.($row['core'] ?? 0);
                $wraps = $row['wraps'] ?? 1;
                // Eight cores lie otherwise than the bundle that Rinkel takes them for.
                $use = 8 === ($row['cores'] ?? 0) ? 0.11 : $use;
                self::assertEqualsWithDelta($planned[0], $row['use'][0], $use * $wraps, $name);
                self::assertEqualsWithDelta($planned[1], $row['length'][0], $length * $wraps, $name.' is as long');
                $compared[$row['knot']] = true;
            }
        }
        self::assertSame(array_keys(self::WITHIN), array_keys($compared));
    }

    /**
     * The table of docs/model.md has what was found in softer cord, to a hundredth.
     */
    public function testTheTableOfTheModelIsTheBook(): void
    {
        $model = (string) file_get_contents(\dirname(__DIR__, 3).'/docs/model.md');
        $said = static function (float $of, float $error): string {
            return \sprintf('%.2f ± %.2f', $of, max(0.01, round($error, 2)));
        };
        $rows = 0;
        foreach (self::book() as $row) {
            if ('hard' !== $row['cord']) {
                $core = isset($row['core cord']) ? ' over a '.$row['core cord'].' core' : '';
                self::assertStringContainsString(
                    $row['cord'].$core.' | '.$said(...$row['use']).' | – | '.$said(...$row['length']).' |',
                    $model,
                    $row['knot'],
                );
                ++$rows;
            }
        }
        self::assertGreaterThan(10, $rows);
    }

    public function testNoCordWentThroughAnother(): void
    {
        foreach (self::book() as $row) {
            self::assertTrue($row['whole'], $row['knot']);
        }
    }

    /**
     * @param Row $row
     *
     * @return array{float, float}|null cord inside and length, in diameters
     */
    private static function planned(array $row): ?array
    {
        $millimetre = Length::ofMillimetres(1);
        $cord = new Cord(Fibre::Leather, $millimetre, Colour::parse('#000000'));
        $core = new Bundle($millimetre->times($row['core'] ?? 1.0), $row['cores'] ?? 1);
        $inside = new Cord(Fibre::Leather, $millimetre->times($row['core'] ?? 1.0), Colour::parse('#000000'));
        $barrel = new BarrelKnot($row['wraps'] ?? 3);
        $half = $core->turn($millimetre)->millimetres / 2;

        return match ($row['knot']) {
            // As long as they lie of themselves; a hand pushes them nearer.
            'square' => [$half + 4.22 + 0.57 / $half, 2.0],
            'half left' => [$half + 4.07 + 0.7 / $half, 1.7],
            'hitch' => self::bare(Hitch::half()->tied($core, $cord)),
            'vertical lark' => self::bare(Hitch::verticalLarksHead()->tied($core, $cord)),
            'overhand', 'together' => self::beyond((new OverhandKnot())->tied($cord, $row['cords'] ?? 1)),
            'barrel' => self::beyond($barrel->pulledHard($cord)),
            'sliding barrel' => [
                self::beyond($barrel->sliding($cord, $inside))[0],
                1 === ($row['wraps'] ?? 3) ? 2.4 : ($row['wraps'] ?? 3) + 0.5, // in leather it would be longer
            ],
            default => null, // a braid is as long as it is pulled
        };
    }

    /**
     * @return array{float, float} in diameters, as if the cord gave no way
     */
    private static function bare(TiedKnot $knot): array
    {
        return [
            $knot->use->millimetres / Fibre::Leather->useFactor(),
            $knot->pitch->millimetres / Fibre::Leather->lengthFactor(),
        ];
    }

    /**
     * @return array{float, float} beyond the way past it and its length, as if the cord gave no way
     */
    private static function beyond(TiedKnot $knot): array
    {
        return [
            $knot->use->minus($knot->pitch)->millimetres / Fibre::Leather->useFactor(),
            $knot->pitch->millimetres / Fibre::Leather->lengthFactor(),
        ];
    }

    /**
     * @return list<Row>
     */
    private static function book(): array
    {
        $book = json_decode((string) file_get_contents(\dirname(__DIR__, 3).'/docs/tightened.json'), true);
        self::assertIsArray($book);

        return $book['knots']; // @phpstan-ignore return.type (by docs/tight.schema.json)
    }
}
