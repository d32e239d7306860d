<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Node\Centre;
use Rinkel\Core\Pattern\Node\Focal;
use Rinkel\Core\Pattern\Node\Hang;

final class CentreTest extends TestCase
{
    public function testItHoldsWhatLiesInTheMiddle(): void
    {
        $centre = new Centre([new Focal('moon')]);

        self::assertSame('centre (focal moon)', (string) $centre);
        self::assertTrue($centre->isMiddle());
        self::assertSame('centre (hang leaf)', (string) $centre->with([new Hang('leaf')]));
    }
}
