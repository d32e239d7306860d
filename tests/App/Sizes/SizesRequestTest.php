<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Sizes;

use Rinkel\App\Sizes\RequestedSizes;
use Rinkel\App\Sizes\SizesRequest;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\HttpFoundation\ParameterBag;

/**
 * Which sizes are asked for, as an address says them, and whether they can be drawn out on the tape.
 */
final class SizesRequestTest extends WebCase
{
    public function testLengthsThatAreAllDrawnAreHeld(): void
    {
        $asked = $this->asked(['by' => 'girths', 'list' => '15; 6 1/2 in;18,5']);
        self::assertTrue($asked->isHeld());
        self::assertSame(['15', '6 1/2 in', '18,5'], $asked->listed());
        self::assertCount(3, $asked->sizes->all ?? []);
        self::assertFalse($this->asked(['by' => 'girths', 'list' => '15; wide'])->isHeld(), 'one cannot be read');
        self::assertFalse($this->asked(['by' => 'people'])->isHeld(), 'people are measured');
        self::assertSame(['14', '15', '16'], $this->asked(['by' => 'girths', 'list' => '14,15,16'])->listed());
    }

    public function testAnAddressSaysWhatIsAskedFor(): void
    {
        self::assertSame(
            ['by' => 'girths', 'list' => '15; 16', 'graded' => '1', 'n' => '2'],
            $this->asked(['by' => 'girths', 'list' => '15; 16', 'graded' => '1', 'n' => '2'])->query(),
        );
    }

    /**
     * @param array<string, string> $sent
     */
    private function asked(array $sent): SizesRequest
    {
        return self::getContainer()->get(RequestedSizes::class)->of($this->lay(), new ParameterBag($sent));
    }
}
