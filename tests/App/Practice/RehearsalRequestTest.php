<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Practice;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Practice\RehearsalRequest;
use Symfony\Component\HttpFoundation\Request;

final class RehearsalRequestTest extends TestCase
{
    /**
     * @param array{int, int, string, bool} $asked
     */
    #[DataProvider('provideAddresses')]
    public function testWhereSomebodyIsStandsInTheAddress(string $address, array $asked): void
    {
        $is = RehearsalRequest::of(Request::create($address));

        self::assertSame($asked, [$is->at, $is->missed, $is->chosen, $is->isShown]);
    }

    /**
     * @return iterable<string, array{string, array{int, int, string, bool}}>
     */
    public static function provideAddresses(): iterable
    {
        yield 'the beginning' => ['/', [0, 0, '', false]];
        yield 'on the way' => ['/?at=12&missed=2&choose=0a1b2c3d', [12, 2, '0a1b2c3d', false]];
        yield 'being shown' => ['/?at=3&watch=1', [3, 0, '', true]];
        yield 'none of it' => ['/?at=-1&missed=x&choose=0a1b2c3&watch=yes', [0, 0, '', false]];
        yield 'too far' => ['/?at=1000001&missed[]=1', [0, 0, '', false]];
    }

    public function testTheNextAddressGoesOn(): void
    {
        self::assertSame(['at' => 1], (new RehearsalRequest())->query(1));
        self::assertSame(['at' => 8, 'missed' => 2, 'watch' => 1], (new RehearsalRequest(7, 2, 'x', true))->query(8));
    }
}
