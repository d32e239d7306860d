<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/**
 * Sends pages, data and drawings compressed to who takes that. Nothing secret stands on them beside what somebody else
 * typed, so that their length tells nothing.
 */
#[AsEventListener(priority: -200)]
final class Compression
{
    /** What is shorter is not worth it, in bytes. */
    private const LEAST = 1400;

    /** Nearly as small as with the highest level, in half the time. */
    private const LEVEL = 6;

    public function __invoke(ResponseEvent $event): void
    {
        $response = $event->getResponse();
        $content = $response instanceof BinaryFileResponse || $response instanceof StreamedResponse
            ? false
            : $response->getContent();
        $isText = 1 === preg_match(
            '#^(?:text/|application/json|image/svg)#',
            (string) $response->headers->get('Content-Type', 'text/html'),
        );
        if (!$event->isMainRequest() || false === $content || !$isText || \strlen($content) < self::LEAST) {
            return;
        }
        $response->setVary('Accept-Encoding', false);
        if (\in_array('gzip', $event->getRequest()->getEncodings(), true)) {
            $response->setContent((string) gzencode($content, self::LEVEL));
            $response->headers->set('Content-Encoding', 'gzip');
            $response->headers->remove('Content-Length');
        }
    }
}
