<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\PatternFault;
use Rinkel\Core\Pattern\Place;
use Rinkel\Core\Quoted;

final class PatternFaultTest extends TestCase
{
    public function testItSaysWhatWasFoundAndWhatCouldStandThere(): void
    {
        $fault = new PatternFault(new Place(1, 1, 3), 'foo', ['"bead"']);

        self::assertEquals(new Quoted('foo'), $fault->said()->values['found']);
        self::assertSame(['"bead"'], $fault->said()->values['expected']);
        $end = new PatternFault(new Place(1, 1, 0), '', []);
        self::assertEquals(new Message('nothing-more'), $end->said()->values['found']);
        self::assertEquals(new Message('left-out'), $end->said()->values['expected']);
    }
}
