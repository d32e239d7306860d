<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Says so when more is sent than is taken at once: PHP would hand on an empty form.
 */
#[AsEventListener(priority: 30)]
final readonly class BodyGuard
{
    public function __construct(private TranslatorInterface $translator) {}

    public function __invoke(RequestEvent $event): void
    {
        $most = self::bytes((string) \ini_get('post_max_size'));
        if (!$event->isMainRequest() || 0 === $most || (int) $event->getRequest()->headers->get('Content-Length') <= $most) {
            return;
        }
        $sentence = $this->translator->trans('app.too-large', ['most' => (string) intdiv($most, 1_048_576)]);
        $event->setResponse(
            new Response(
                $sentence,
                Response::HTTP_REQUEST_ENTITY_TOO_LARGE,
                ['Content-Type' => 'text/plain; charset=utf-8', 'X-Rinkel-Says' => 'yes'],
            ),
        );
    }

    /**
     * Returns what PHP's short writing of a size means: "8M" is 8 388 608.
     */
    private static function bytes(string $written): int
    {
        return (int) $written * match (strtoupper(substr($written, -1))) {
            'K' => 1024,
            'M' => 1_048_576,
            'G' => 1_073_741_824,
            default => 1,
        };
    }
}
