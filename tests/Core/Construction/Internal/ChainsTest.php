<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class ChainsTest extends TestCase
{
    public function testAnOddNumberOfLinksHasOneInTheMiddle(): void
    {
        $plan = Examples::planOf('laced-chain');
        $check = Examples::check($plan, 'chain-middle');

        self::assertSame(27, $check?->values['links'] ?? null);
        self::assertSame(14, $check?->values['middle'] ?? null);
        self::assertNotNull(
            Examples::check(Examples::planOf('laced-chain', ['pattern' => '26 link chain']), 'chain-no-middle'),
        );
    }

    public function testAChainThatIsTooShortIsSaid(): void
    {
        $check = Examples::check(Examples::planOf('laced-chain', [
            'findings.chain' => [
                'kind' => 'link', 'length' => '9 mm', 'width' => '7 mm', 'inside' => '4.5 mm', 'stock' => 20,
            ],
        ]), 'chain-too-short');

        self::assertSame([27, 20, 7], [
            $check?->values['links'] ?? null,
            $check?->values['stock'] ?? null,
            $check?->values['missing'] ?? null,
        ]);
    }

    public function testALaceThatDoesNotGoThroughStops(): void
    {
        self::assertSame(Severity::Stop, Examples::check(Examples::planOf('laced-chain', [
            'findings.chain' => ['kind' => 'link', 'length' => '9 mm', 'width' => '7 mm', 'inside' => '0.5 mm'],
        ]), 'lace-does-not-pass')?->severity);
    }
}
