<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Table;

use Rinkel\App\Table\Shelf;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\App\WebCase;

final class ShelfTest extends WebCase
{
    public function testEveryDesignOfTheShelfCanBeMade(): void
    {
        $shelf = self::getContainer()->get(Shelf::class);
        $shown = array_merge(...array_values($shelf->designs()));

        self::assertEqualsCanonicalizing($shelf->names(), array_keys($shown));
        foreach ($shelf->names() as $name) {
            $design = $shelf->design($name);
            self::assertNotNull($design);
            self::assertSame(self::says('design.'.$name), $design->name);
            self::assertNotSame(Severity::Stop, (new Planner())->plan($design)->worst(), $name);
        }
        self::assertNull($shelf->design('../boards'));
        self::assertNull($shelf->design('no-design'));
    }
}
