<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\Renaming;

final class RenamingTest extends TestCase
{
    private const TEXT = '(1 bead left-a, 2 square in a) x fit, bundle a b / c, word "AA" of a between b, focal a, mirror';

    public function testABeadIsCalledOtherwiseWhereverItIsNamedAndNoCord(): void
    {
        self::assertSame(
            '(1 bead left-a, 2 square in a) x fit, bundle amber b / c, word "AA" of amber between b, focal amber, mirror',
            (string) self::renaming()->withBeadCalled('a', 'amber'),
        );
    }

    public function testACordIsCalledOtherwiseWhereKnotsNameItAndNoBead(): void
    {
        self::assertSame(
            str_replace('square in a', 'square in second', self::TEXT),
            (string) self::renaming()->withCordCalled('a', 'second'),
        );
    }

    public function testANameThatIsNowhereChangesNothing(): void
    {
        self::assertSame(self::TEXT, (string) self::renaming()->withBeadCalled('nobody', 'x'));
    }

    private static function renaming(): Renaming
    {
        return new Renaming(Pattern::parse(self::TEXT, Unit::Millimetre));
    }
}
