<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Settings;

use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\App\Settings\Speech;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Event\ConsoleCommandEvent;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\NullOutput;
use Symfony\Component\Translation\LocaleSwitcher;

final class SpeechTest extends WebCase
{
    private const NAMES = ['LC_ALL', 'LC_MESSAGES', 'LANG'];

    /**
     * POSIX: LC_ALL goes before LC_MESSAGES, that before LANG; what is empty is not said.
     *
     * @param array<string, string> $said
     */
    #[DataProvider('provideSaid')]
    public function testATerminalIsSpokenToAsItAsks(array $said, string $language): void
    {
        $before = [];
        foreach (self::NAMES as $name) {
            $before[$name] = getenv($name);
        }
        foreach (self::NAMES as $name) {
            putenv(isset($said[$name]) ? $name.'='.$said[$name] : $name);
        }
        $locales = self::getContainer()->get(LocaleSwitcher::class);
        $speech = self::getContainer()->get(Speech::class);
        try {
            $speech->toTerminal(new ConsoleCommandEvent(new Command('x'), new ArrayInput([]), new NullOutput()));
            self::assertSame($language, $locales->getLocale());
        } finally {
            $locales->setLocale('en');
            foreach ($before as $name => $value) {
                putenv(false === $value ? $name : $name.'='.$value);
            }
        }
    }

    /**
     * @return iterable<string, array{array<string, string>, string}>
     */
    public static function provideSaid(): iterable
    {
        yield 'German of Austria' => [['LANG' => 'de_AT.UTF-8'], 'de'];
        yield 'Dutch before German' => [['LC_ALL' => 'nl_NL', 'LANG' => 'de_DE'], 'nl'];
        yield 'an empty one says nothing' => [['LC_ALL' => '', 'LC_MESSAGES' => 'nl', 'LANG' => 'de'], 'nl'];
        yield 'nobody’s' => [['LANG' => 'C.UTF-8'], 'en'];
        yield 'one it doesn’t speak' => [['LANG' => 'fr_FR@euro'], 'en'];
    }
}
