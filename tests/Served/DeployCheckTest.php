<?php

declare(strict_types=1);

namespace Rinkel\Tests\Served;

/**
 * What the check of a deployment says of a Rinkel that is served, and of one that is not.
 */
final class DeployCheckTest extends ServedCase
{
    public function testWhatIsMissingIsTold(): void
    {
        $this->migrate();
        $this->serve(1);
        [$code, $said] = $this->console(['rinkel:deploy-check', $this->address]);
        self::assertMatchesRegularExpression('/^fine  address +http.* answers 200$/m', $said);
        self::assertMatchesRegularExpression('/^fine  headers files are there$/m', $said);
        self::assertMatchesRegularExpression('/^fine  strangers +another site changes nothing \(403\)$/m', $said);
        self::assertMatchesRegularExpression('/^fine  migrations +\d+ done$/m', $said);
        self::assertMatchesRegularExpression('/^look  secret /m', $said);
        self::assertStringNotContainsString('is served to everybody', $said);
        self::assertSame(str_contains($said, 'BAD ') ? 1 : 0, $code, $said);

        [$code, $said] = $this->console(['rinkel:deploy-check', 'http://127.0.0.1:9']);
        self::assertSame(1, $code);
        self::assertStringContainsString('does not answer', $said);
    }

    public function testADatabaseThatIsNotThereIsBad(): void
    {
        [$code, $said] = $this->console(['rinkel:deploy-check']);
        self::assertSame(1, $code);
        self::assertMatchesRegularExpression('/^BAD   database +cannot be read/m', $said);
    }
}
