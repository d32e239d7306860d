<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Health;

use Rinkel\App\Health\Metrics;
use Rinkel\Tests\App\WebCase;

final class HealthControllerTest extends WebCase
{
    public function testItSaysHowItIs(): void
    {
        $this->browser->request('GET', '/health');
        self::assertResponseIsSuccessful();
        $said = json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertIsArray($said);
        self::assertSame('ok', $said['status']);
        self::assertIsArray($said['parts']);
        self::assertCount(5, $said['parts']);
    }

    /**
     * Each line of the OpenMetrics text format (its specification 1.0.0) is a comment of ours or a sample, and it ends.
     */
    public function testItsFiguresAreOpenMetrics(): void
    {
        $this->lay();
        $this->browser->request('GET', '/metrics');
        self::assertResponseHeaderSame('Content-Type', Metrics::TYPE);
        $text = (string) $this->browser->getResponse()->getContent();
        self::assertStringEndsWith("\n# EOF\n", $text);
        foreach (explode("\n", substr($text, 0, -7)) as $line) {
            self::assertMatchesRegularExpression(
                '/^# (TYPE rinkel_[a-z_]+ gauge|HELP rinkel_[a-z_]+ .+)$|^rinkel_[a-z_]+(\{[a-z]+="[^"]*"\})? -?\d+$/',
                $line,
            );
        }
        self::assertMatchesRegularExpression('/^rinkel_things\{kind="piece"\} [1-9]\d*$/m', $text);
        self::assertMatchesRegularExpression('/^rinkel_database_bytes [1-9]\d+$/m', $text);
    }
}
