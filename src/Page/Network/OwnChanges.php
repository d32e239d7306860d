<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Network;

use Rinkel\App\Pairing\Pairing;
use Rinkel\App\Platform\Database\ChangeStamp;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/**
 * Tells a page that changed something which number its own change made, so that it is not taken for another device's.
 */
#[AsEventListener]
final readonly class OwnChanges
{
    public const HEADER = 'X-Rinkel-Stamp';

    public function __construct(
        private Pairing $pairing,
        private ChangeStamp $stamp,
    ) {}

    public function __invoke(ResponseEvent $event): void
    {
        if ($event->isMainRequest() && !$event->getRequest()->isMethodSafe() && $this->pairing->isShared()
            && $event->getResponse()->getStatusCode() < 300) {
            $event->getResponse()->headers->set(self::HEADER, (string) $this->stamp->now());
        }
    }
}
