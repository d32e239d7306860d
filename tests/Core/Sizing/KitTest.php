<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Sizing\Girths;
use Rinkel\Core\Sizing\Kit;
use Rinkel\Core\Sizing\KitPart;
use Rinkel\Core\Sizing\Sizes;
use Rinkel\Tests\Core\Examples;

final class KitTest extends TestCase
{
    public function testAKitHasTheMostOfEachSizeAndSaysWhatIsLeft(): void
    {
        $sizes = Sizes::of(
            new Planner(),
            Examples::piece(),
            new Girths([Length::ofMillimetres(150), Length::ofMillimetres(190)]),
        );
        $kit = Kit::of($sizes);
        $working = array_values(array_filter(
            $kit->cords,
            static fn (KitPart $part): bool => $part->what instanceof Cut && 'working' === $part->what->role,
        ))[0];

        self::assertEquals($sizes->all[1]->plan->cut('working')?->length, $working->much, 'the larger one\'s');
        self::assertInstanceOf(Length::class, $working->left[0]);
        self::assertTrue($working->left[0]->isLongerThan(Length::zero()));
        self::assertInstanceOf(Length::class, $working->left[1]);
        self::assertTrue($working->left[1]->isZero());
    }
}
