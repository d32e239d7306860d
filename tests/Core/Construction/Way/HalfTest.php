<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Way\Half;
use Rinkel\Core\Construction\Way\WorkRun;
use Rinkel\Core\Line\Element;
use Rinkel\Tests\Core\Examples;

final class HalfTest extends TestCase
{
    public function testARunIsWhatIsTiedInOneGo(): void
    {
        $draft = Examples::plan(['pattern' => '3 square, 2 half left, 4 square'])->draft;
        $whole = Half::whole($draft->setting);
        $alike = static fn (Element $last, Element $next): bool => $last->word() === $next->word();
        $runs = $whole->runs($alike);

        self::assertSame([3, 2, 4], array_map(static fn (WorkRun $run): int => $run->count(), [...$runs]));
        self::assertSame([false, 0], [$whole->grows(), $whole->number]);
        self::assertEqualsWithDelta($draft->body()->millimetres, $whole->length()->millimetres, 1e-6);
    }

    public function testItIsPartedAfterSomeOfItsElements(): void
    {
        $whole = Half::whole(Examples::plan(['pattern' => '10 square'])->draft->setting);
        [$first, $rest] = $whole->parted(4);

        self::assertSame([4, 6], [\count($first->elements), \count($rest->elements)]);
        self::assertEqualsWithDelta(
            $whole->length()->millimetres,
            $first->length()->plus($rest->length())->millimetres,
            1e-9,
        );
    }

    public function testAroundAMiddleOneHalfGrowsToTheLeft(): void
    {
        $setting = Examples::plan(['pattern' => '10 square'])->draft->setting;
        [$left, $right] = Half::around($setting, 4, 2);

        self::assertSame([true, 1, 4], [$left->grows(), $left->number, \count($left->elements)]);
        self::assertSame([false, 2, 4], [$right->grows(), $right->number, \count($right->elements)]);
    }
}
