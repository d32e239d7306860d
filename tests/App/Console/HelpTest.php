<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Console;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Rinkel\App\Settings\Custom;
use Rinkel\Tests\App\WebCase;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\ApplicationTester;

/**
 * Commands say what they do in the terminal's language, and so do all their arguments and options.
 */
final class HelpTest extends WebCase
{
    protected function tearDown(): void
    {
        putenv('LC_ALL');
        parent::tearDown();
    }

    #[DataProvider('provideLanguages')]
    public function testEveryCommandIsExplainedInEveryLanguage(string $language): void
    {
        $list = $this->said(['command' => 'list', '--format' => 'json'], $language);
        $described = json_decode($list, true, flags: \JSON_THROW_ON_ERROR);
        \assert(\is_array($described) && \is_array($described['commands']));
        $rinkel = array_filter(
            $described['commands'],
            static fn (mixed $command): bool => \is_array($command) && \is_string($command['name']) && str_starts_with(
                $command['name'],
                'rinkel:',
            ),
        );

        self::assertGreaterThan(15, \count($rinkel));
        self::assertStringNotContainsString('"command.', json_encode($rinkel, \JSON_THROW_ON_ERROR));
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideLanguages(): iterable
    {
        foreach (Custom::LANGUAGES as $language) {
            yield $language => [$language];
        }
    }

    #[TestWith(['en'])]
    #[TestWith(['nl'])]
    public function testArgumentsKeepTheirShape(string $language): void
    {
        $help = $this->said(['command' => 'help', 'command_name' => 'rinkel:cut'], $language);

        self::assertStringContainsString('rinkel:cut [options] [--] <files>...', $help);
        self::assertStringContainsString('--stock=STOCK', $help);
        self::assertStringContainsString(
            '[default: "work"]',
            $this->said(['command' => 'rinkel:paper', '--help' => true], $language),
        );
        self::assertStringContainsString(
            '[<day>]',
            $this->said(['command' => 'rinkel:day', '--help' => true], $language),
        );
    }

    public function testTheLanguageIsTheTerminals(): void
    {
        self::assertNotSame($this->said(['command' => 'list'], 'en'), $this->said(['command' => 'list'], 'de'));
        self::assertSame($this->said(['command' => 'list'], 'en'), $this->said(['command' => 'list'], 'fr'));
    }

    /**
     * @param array<string, bool|string> $input
     */
    private function said(array $input, string $language): string
    {
        putenv('LC_ALL='.$language);
        self::ensureKernelShutdown();
        self::createClient();
        $application = new Application(self::$kernel);
        $application->setAutoExit(false);
        $tester = new ApplicationTester($application);
        self::assertSame(0, $tester->run($input));

        return $tester->getDisplay();
    }
}
