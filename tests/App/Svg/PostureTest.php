<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Svg\Posture;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Tests\Core\Examples;

final class PostureTest extends TestCase
{
    public function testFromShutToOpenInHundredths(): void
    {
        $draft = Examples::plan()->draft;
        $span = $draft->fastened->span;

        self::assertEquals($span->narrow, (new Posture(open: 0))->gap($draft));
        self::assertEqualsWithDelta($span->wide->millimetres, (new Posture(open: 100))->gap($draft)->millimetres, 1e-9);
        self::assertEquals($draft->wornGap(), (new Posture())->gap($draft));
        $worn = Posture::worn($draft);
        self::assertGreaterThan(0, $worn);
        self::assertLessThan(100, $worn);
    }

    public function testWhatDoesNotOpenIsWornShut(): void
    {
        self::assertSame(0, Posture::worn(Examples::plan(['closure.kind' => 'clasp'])->draft));
        self::assertSame(180, Posture::step(BodyPlace::Neck));
        self::assertSame(30, Posture::step(BodyPlace::Wrist));
    }
}
