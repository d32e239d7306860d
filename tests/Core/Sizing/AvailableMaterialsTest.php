<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Sizing\AvailableMaterials;
use Rinkel\Core\Sizing\Lack;
use Rinkel\Tests\Core\Examples;

final class AvailableMaterialsTest extends TestCase
{
    public function testWhatLacksIsSaid(): void
    {
        $plan = Examples::plan();
        $need = $plan->cut('working')->length ?? Length::zero();
        $of = static fn (Length $length): array => (new AvailableMaterials(
            ['tray' => [$length]],
            [],
            ['working' => 'tray'],
        ))->lacks($plan);

        self::assertSame([], $of($need));
        $lacks = $of($need->minus(Length::ofMillimetres(30)));
        self::assertSame(['tray', true], [$lacks[0]->name, $lacks[0]->isCord]);
        self::assertEquals(Length::ofMillimetres(30), $lacks[0]->missing);
        self::assertSame([], (new AvailableMaterials([]))->lacks($plan), 'of what is not in the tray there is enough');
    }

    public function testOneBeadMoreIsOneBeadLess(): void
    {
        $plan = Examples::planOf('strung-beads');
        $hand = new AvailableMaterials([], ['pearl' => 7]);

        self::assertSame([['pearl', false, 2]], array_map(
            static fn (Lack $lack): array => [$lack->name, $lack->isCord, $lack->missing],
            $hand->lacks($plan),
        ));
        self::assertSame(1, $hand->withOneMore('pearl', false)->lacks($plan)[0]->missing);
    }
}
