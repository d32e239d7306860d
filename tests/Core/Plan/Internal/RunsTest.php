<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Internal\Runs;
use Rinkel\Tests\Core\Examples;

final class RunsTest extends TestCase
{
    public function testOnlyWhatFillsIsFree(): void
    {
        $draft = Examples::plan(['pattern' => '3 half left, 1 square x fit'])->draft;
        $runs = new Runs($draft);

        self::assertFalse($runs->isFree($draft->setting->elements[0]));
        self::assertTrue($runs->isFree($draft->setting->elements[3]));
    }

    public function testACountThatNobodyFillsHasNoRange(): void
    {
        self::assertSame([], (new Runs(Examples::plan(['pattern' => '20 square'])->draft))->ranges());
        $ranges = (new Runs(Examples::plan()->draft))->ranges();
        self::assertCount(1, $ranges);
    }
}
