<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Handling;
use Rinkel\Core\Work\Task;
use Rinkel\Core\Work\WorkCord;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

final class WorkCordTest extends TestCase
{
    public function testItHasTwoEndsOrIsWorkedFromOne(): void
    {
        $cord = Examples::plan()->draft->piece->cord('core')->cord;
        $two = new WorkCord('core', Task::Core, 2, $cord, new Handling(folds: true));
        $one = new WorkCord('thread', Task::Thread, 1, $cord, new Handling(folds: false, oneWay: true));

        self::assertSame(['core.2', ['core.2.a', 'core.2.b']], [$two->id, Sheets::ends($two->ends())]);
        self::assertSame(['thread.1.b'], Sheets::ends($one->ends()));
        self::assertSame($two, $two->a->cord);
    }
}
