<?php

declare(strict_types=1);

namespace Rinkel\App\Settings;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * Answers in the language that the maker chose. Where settings cannot be read, that is told in Rinkel's own.
 */
#[AsEventListener(priority: 50)]
final readonly class Speech
{
    public function __construct(private Preferences $preferences) {}

    public function __invoke(RequestEvent $event): void
    {
        try {
            $event->getRequest()->setLocale($this->preferences->custom(Custom::Language));
        } catch (\Throwable) {
            // Whoever needs the database next says what is wrong with it.
        }
    }
}
