<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Table;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Table\Design;
use Rinkel\Tests\Core\Examples;

final class DesignTest extends TestCase
{
    public function testItSaysWhatIsNeeded(): void
    {
        $design = Design::of(Examples::plan(['name' => 'Heron, for Ada']), '<svg/>');

        self::assertSame('<svg/>', $design->picture);
        foreach ($design->cords as [, $length]) {
            self::assertEqualsWithDelta(0.0, fmod($length->millimetres, 100.0), 1e-6, 'to ten centimetres');
        }
        self::assertCount(2, $design->cords);
    }
}
