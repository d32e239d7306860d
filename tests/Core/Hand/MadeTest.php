<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Hand;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Made;
use Rinkel\Tests\Core\Examples;

final class MadeTest extends TestCase
{
    public function testPushedAndSampledAreTwoThings(): void
    {
        $keys = [
            Made::family('square', 'waxed', false)->key,
            Made::family('square', 'waxed', true)->key,
            Made::family('square', 'waxed', true, true)->key,
        ];

        self::assertSame(['square / waxed', 'square / waxed pushed', 'square / waxed pushed own'], $keys);
    }

    public function testKnotsOfOneFamilyInOneCordAreOne(): void
    {
        $cord = Examples::plan()->draft->piece->cord('core')->cord;

        self::assertSame(
            Made::of('half left', $cord, true)->key,
            Made::of('half right', $cord, true)->key,
        );
    }
}
