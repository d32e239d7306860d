<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/**
 * Says how long Rinkel itself took, where a browser's own tools show it.
 */
#[AsEventListener(priority: -300)]
final class ServerTiming
{
    public function __invoke(ResponseEvent $event): void
    {
        $from = $event->getRequest()->server->get('REQUEST_TIME_FLOAT');
        if ($event->isMainRequest() && is_numeric($from)) {
            $event->getResponse()->headers->set(
                'Server-Timing',
                \sprintf('rinkel;dur=%.1f', 1000 * (microtime(true) - (float) $from)),
            );
        }
    }
}
