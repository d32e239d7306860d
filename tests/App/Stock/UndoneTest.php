<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Stock;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Stock\Undone;
use Rinkel\Tests\Core\Chance;

final class UndoneTest extends TestCase
{
    /**
     * @param array<string, mixed>      $now
     * @param array<string, mixed>|null $before
     * @param array<string, mixed>      $after
     * @param array<string, mixed>|null $undone
     */
    #[DataProvider('acts')]
    public function testOneActIsTakenBackWhateverWasDoneSince(
        array $now,
        ?array $before,
        array $after,
        ?array $undone,
    ): void {
        self::assertSame($undone, Undone::of($now, $before, $after));
    }

    /**
     * @return array<string, array{array<string, mixed>, array<string, mixed>|null, array<string, mixed>, array<string, mixed>|null}>
     */
    public static function acts(): array
    {
        [$full, $cut] = [['count' => 40, 'name' => 'Red'], ['count' => 28, 'name' => 'Red']];

        return [
            'nothing since' => [$cut, $full, $cut, $full],
            'six more bought since' => [
                ['count' => 34, 'name' => 'Red'], $full, $cut, ['count' => 46, 'name' => 'Red'],
            ],
            'renamed since' => [['count' => 28, 'name' => 'Rust'], $full, $cut, ['count' => 40, 'name' => 'Rust']],
            'what was taken in was used up since' => [['count' => 3], ['count' => 5], ['count' => 25], ['count' => 0]],
            'a rest that came goes, and what went comes back' => [
                [
                    'rests' => ['90 cm', '44 cm'],
                ], ['rests' => ['2 m']], ['rests' => ['44 cm']], ['rests' => ['2 m', '90 cm']],
            ],
            'one of two rests of a length' => [
                [
                    'rests' => ['44 cm', '44 cm', '1 m'],
                ], ['rests' => ['44 cm']], ['rests' => ['44 cm', '44 cm']], ['rests' => ['44 cm', '1 m']],
            ],
            'a rest that came was cut since' => [
                ['rests' => ['9 cm']],
                ['rests' => ['2 m']],
                ['rests' => ['44 cm']],
                null,
            ],
            'a field that was changed again' => [['name' => 'Blue'], ['name' => 'Red'], ['name' => 'Rust'], null],
            'a field that was not there' => [
                ['name' => 'Red', 'place' => 'Tin', 'note' => 'x'], ['name' => 'Red'],
                ['name' => 'Red', 'place' => 'Tin'], ['name' => 'Red', 'note' => 'x'],
            ],
            'a thing that came with the act and was used since' => [['count' => 3], null, ['count' => 5], null],
        ];
    }

    /**
     * Whatever acts follow one another, those of counts and lists taken back in any order leave what was there.
     */
    public function testAllActsTakenBackInAnyOrderLeaveWhatWasThere(): void
    {
        $chance = new Chance(25);
        for ($run = 0; $run < 200; ++$run) {
            $begun = $now = ['count' => 1000, 'rests' => ['1 m', '2 m', '3 m']];
            $acts = [];
            for ($i = 0; $i < 6; ++$i) {
                $after = [
                    'count' => $now['count'] + $chance->whole(-40, 40),
                    'rests' => [...$now['rests'], ($run * 10 + $i).' mm'],
                ];
                $acts[] = [$now, $after];
                $now = $after;
            }
            while ([] !== $acts) {
                $at = $chance->whole(0, \count($acts) - 1);
                $now = Undone::of($now, ...$acts[$at]);
                self::assertNotNull($now);
                array_splice($acts, $at, 1);
            }
            self::assertSame($begun, $now);
        }
    }
}
