<?php

declare(strict_types=1);

namespace Rinkel\App\Settings;

use Symfony\Component\Console\Event\ConsoleCommandEvent;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\Translation\LocaleSwitcher;

/**
 * Answers in the language that the maker chose, or their browser asks for; a command in that of its terminal. Where
 * settings cannot be read, that is told in Rinkel's own.
 */
final readonly class Speech
{
    public function __construct(
        private Preferences $preferences,
        private LocaleSwitcher $locales,
    ) {}

    #[AsEventListener(priority: 50)]
    public function toPage(RequestEvent $event): void
    {
        try {
            $request = $event->getRequest();
            $request->setLocale('' !== $this->preferences->all()[Custom::Language->value]
                ? $this->preferences->custom(Custom::Language)
                : $request->getPreferredLanguage(Custom::LANGUAGES) ?? Custom::LANGUAGES[0]);
        } catch (\Throwable) {
            // Whoever needs the database next says what is wrong with it.
        }
    }

    #[AsEventListener]
    public function toTerminal(ConsoleCommandEvent $event): void
    {
        foreach (['LC_ALL', 'LC_MESSAGES', 'LANG'] as $name) {
            $said = getenv($name);
            if (\is_string($said) && '' !== $said) {
                // "de_AT.UTF-8" is German, "C" and "POSIX" are nobody's.
                $region = (string) strtok($said, '.@');
                $spoken = array_intersect([$region, (string) strtok($region, '_')], Custom::LANGUAGES);
                $this->locales->setLocale(reset($spoken) ?: Custom::LANGUAGES[0]);

                return;
            }
        }
    }
}
