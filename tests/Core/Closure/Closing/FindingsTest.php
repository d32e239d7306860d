<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * Findings at the ends.
 */
final class FindingsTest extends TestCase
{
    public function testAClaspIsThreadedAndTheCoreTiedBackAtIt(): void
    {
        $plan = Examples::plan(['closure.kind' => 'clasp']);

        self::assertSame(
            ['finding-threaded', 'tied-back', 'half-threaded', 'tied-back'],
            Sheets::keys($plan, Part::Close),
            'nobody named a ring: its other half is meant',
        );
    }

    public function testACordEndIsTrimmedToItsDepthGluedAndPushedOn(): void
    {
        $plan = Examples::plan([
            'findings.end' => ['kind' => 'cord-end', 'length' => '9 mm', 'inside' => '4 mm'],
            'findings.ring' => ['kind' => 'ring'], 'findings.clasp' => ['kind' => 'clasp'],
            'closure' => ['kind' => 'clasp', 'findings' => ['end', 'end', 'ring', 'ring', 'clasp']],
        ]);
        $keys = Sheets::keys($plan, Part::Close);

        $at = array_search('trim-into', $keys, true);
        self::assertIsInt($at);
        self::assertSame(['trim-into', 'glue-into', 'push-into', 'cure'], \array_slice($keys, $at, 4));
        $trim = Sheets::act($plan, 'trim-into');
        self::assertLessThan(9.0, $trim->spot->sizes['leaves']->millimetres, 'it does not reach the bottom');
        self::assertSame(['end'], Sheets::act($plan, 'push-into')->stint->things);
        self::assertSame(['attached'], array_values(array_unique(Sheets::act($plan, 'push-into')->care->endsAs)));
    }

    public function testCordsOnALinkAreKnotted(): void
    {
        $plan = Examples::planOf('laced-chain', ['closure.kind' => 'clasp']);

        self::assertSame(
            ['finding-on-link', 'link-knot', 'half-on-link', 'link-knot'],
            Sheets::keys($plan, Part::Close),
        );
    }
}
