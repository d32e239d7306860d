<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\How;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

/**
 * How a bundle of strands is made.
 */
final class BundleWayTest extends TestCase
{
    public function testOneEndIsBoundThenTheCurveIsFoundThenTheOther(): void
    {
        $plan = Examples::planOf('strand-bundle');

        self::assertSame(
            ['bind', 'glue-strands', 'cure', 'bind', 'trim-curve', 'glue-strands', 'cure', 'twist', 'twist'],
            Sheets::keys($plan, Part::Body),
        );
        self::assertSame(['curve'], Sheets::keys($plan, Part::Bend));
        $bind = Sheets::act($plan, 'bind');
        self::assertSame(['end.1.a', 'end.1.b'], Sheets::ends($bind->grip->by), 'both ends of the cord folded there');
        self::assertCount(12, $bind->grip->around);
        self::assertLessThan(Sheets::at($plan, 'trim-curve'), Sheets::at($plan, 'curve'));
        self::assertSame(['curve-mark'], Sheets::marks(Sheets::act($plan, 'curve')->spot->makes));
    }

    public function testStrandsThatMeltAreFusedAndNeedNoWait(): void
    {
        $plan = Examples::planOf('strand-bundle', array_fill_keys(
            ['cords.sea.fibre', 'cords.sand.fibre', 'cords.rust.fibre', 'cords.end.fibre'],
            'nylon',
        ));
        $body = Sheets::keys($plan, Part::Body);

        self::assertContains('fuse', $body);
        self::assertNotContains('cure', $body);
        self::assertSame(How::Singe, Sheets::act($plan, 'fuse')->care->how);
        self::assertSame(['look-flame'], Sheets::looks(Sheets::act($plan, 'fuse')));
    }

    public function testVarnishIsAnotherWordForWhatHoldsThem(): void
    {
        $plan = Examples::planOf('strand-bundle', ['habits.sealing' => 'varnish']);

        self::assertContains('varnish-strands', Sheets::keys($plan, Part::Body));
    }
}
