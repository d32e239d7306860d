<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\Below;
use Rinkel\Core\Pattern\Node\Gap;
use Rinkel\Core\Pattern\Node\Knots;

final class BelowTest extends TestCase
{
    public function testIsWrittenAsItIsRead(): void
    {
        self::assertSame('below 30 mm in sea (2 overhand, gap 25.4 mm)', (string) self::strand('sea'));
        self::assertSame('below 30 mm (2 overhand, gap 25.4 mm)', (string) self::strand());
        self::assertSame('below 1 in (2 overhand, gap 1 in)', self::strand(lower: 25.4)->said(Unit::Inch));
        self::assertSame('2 overhand, gap 25.4 mm', (string) self::strand()->line());
    }

    public function testHangsLowerOrHigherButNeverOnTheOneBefore(): void
    {
        self::assertSame('35 mm', (string) self::strand()->lowered(Length::ofMillimetres(5))->lower);
        self::assertSame('5 mm', (string) self::strand()->lowered(Length::ofMillimetres(-28))->lower);
        self::assertSame('sea', self::strand('sea')->lowered(Length::ofMillimetres(5))->cord);
    }

    public function testGoesOnAnotherCordWithAllElse(): void
    {
        self::assertSame('below 30 mm in sand (2 overhand, gap 25.4 mm)', (string) self::strand('sea')->on('sand'));
        self::assertSame('below 30 mm in sea0 (2 overhand, gap 25.4 mm)', (string) self::strand('sea')->renamed(
            static fn (string $name, int $i): string => $name.$i,
        ));
        self::assertSame('below 30 mm in sea (3 overhand)', (string) self::strand('sea')->with([new Knots(3, new Overhand())]));
        self::assertSame([['sea'], []], [self::strand('sea')->names(), self::strand()->names()]);
        $bare = self::strand();
        self::assertSame($bare, $bare->renamed(static fn (): string => 'x'));
    }

    private static function strand(?string $cord = null, float $lower = 30.0): Below
    {
        return new Below(
            Length::ofMillimetres($lower),
            [new Knots(2, new Overhand()), new Gap(Length::ofMillimetres(25.4))],
            $cord,
        );
    }
}
