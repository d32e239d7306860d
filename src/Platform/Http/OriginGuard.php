<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Refuses writes that another site makes a browser send: only requests that the browser says, or whose origin shows,
 * come from Rinkel's own pages may change anything.
 */
#[AsEventListener(priority: 40)]
final readonly class OriginGuard
{
    public function __construct(private TranslatorInterface $translator) {}

    public function __invoke(RequestEvent $event): void
    {
        if ($event->isMainRequest() && !$event->getRequest()->isMethodSafe() && !$this->isOwn($event->getRequest())) {
            $event->setResponse(new Response(
                $this->translator->trans('said.foreign-origin'),
                Response::HTTP_FORBIDDEN,
                ['Content-Type' => 'text/plain; charset=utf-8'],
            ));
        }
    }

    private static function isProgram(Request $request): bool
    {
        return str_starts_with($request->getPathInfo(), '/api/')
            && ('json' === $request->getContentTypeFormat() || 'DELETE' === $request->getMethod());
    }

    private function isOwn(Request $request): bool
    {
        $site = $request->headers->get('Sec-Fetch-Site');
        // No page elsewhere sends JSON without asking first, and Rinkel allows none: what does is a program.
        if (null === $site && !$request->headers->has('Origin') && self::isProgram($request)) {
            return true;
        }
        if (null !== $site) {
            return \in_array($site, ['same-origin', 'none'], true);
        }
        $origin = parse_url((string) ($request->headers->get('Origin') ?? $request->headers->get('Referer')));
        if (!isset($origin['scheme'], $origin['host'])) {
            return false;
        }
        $port = isset($origin['port']) ? ':'.$origin['port'] : '';

        return $origin['scheme'].'://'.$origin['host'].$port === $request->getSchemeAndHttpHost();
    }
}
