<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/**
 * Lets a page load its own files only, run no inline script and be framed by nobody.
 */
#[AsEventListener]
final class SecurityHeaders
{
    /** Of every answer, files too. */
    public const ALL = [
        'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; "
            ."font-src 'self'; connect-src 'self'; manifest-src 'self'; worker-src 'self'; form-action 'self'; "
            ."base-uri 'none'; frame-ancestors 'none'",
        'X-Content-Type-Options' => 'nosniff',
        'Referrer-Policy' => 'same-origin',
        'Cross-Origin-Opener-Policy' => 'same-origin',
        'Cross-Origin-Resource-Policy' => 'same-origin',
    ];

    /** Of a drawing that stands in a file of its own, with its styles in it. */
    public const DRAWING = "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'";

    public function __invoke(ResponseEvent $event): void
    {
        header_remove('X-Powered-By');
        foreach (self::ALL as $name => $value) {
            if ('Content-Security-Policy' !== $name || self::DRAWING !== $event->getResponse()->headers->get($name)) {
                $event->getResponse()->headers->set($name, $value);
            }
        }
    }
}
