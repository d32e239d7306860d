<?php

declare(strict_types=1);

namespace Rinkel\App\Settings;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * Answers in the language that the maker chose, or her browser asks for. Where settings cannot be read, that is told in
 * Rinkel's own.
 */
#[AsEventListener(priority: 50)]
final readonly class Speech
{
    public function __construct(private Preferences $preferences) {}

    public function __invoke(RequestEvent $event): void
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
}
