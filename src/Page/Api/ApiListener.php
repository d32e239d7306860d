<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Api;

use Psr\Log\LoggerInterface;
use Rinkel\App\Platform\Http\Once;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;

/**
 * What is said to other programs: why something was not done, as a document; and what they send twice is done once.
 */
final readonly class ApiListener
{
    private const KEY = 'Idempotency-Key';

    public function __construct(
        private Wording $wording,
        private LoggerInterface $logger,
    ) {}

    /**
     * Whoever says a key sends the same again until it is answered; another body under it is something else.
     */
    #[AsEventListener(priority: 6)]
    public function begins(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!self::isAsked($request->getPathInfo()) || $request->isMethodSafe()) {
            return;
        }
        if ('json' !== $request->getContentTypeFormat() && 'DELETE' !== $request->getMethod()) {
            $event->setResponse($this->said(new Problem(415, 'Send JSON: Content-Type: application/json.')));

            return;
        }
        $key = $request->headers->get(self::KEY, '');
        if ('' !== $key) {
            $request->headers->set(Once::HEADER, substr(hash('sha256', $key), 0, 32));
            $request->request->replace(['body' => hash('sha256', $request->getContent())]);
        }
    }

    #[AsEventListener(priority: 10)]
    public function failed(ExceptionEvent $event): void
    {
        $failure = $event->getThrowable();
        if (!self::isAsked($event->getRequest()->getPathInfo()) || self::isOfGuard($failure)) {
            return;
        }
        $event->setResponse($this->said(match (true) {
            $failure instanceof Problem => $failure,
            $failure instanceof PieceUnreadable => new Problem(422, 'What was sent cannot be read.', array_map(
                fn (Fault $fault): array => [
                    'path' => $fault->path, 'says' => $this->wording->told($fault->said), 'code' => $fault->said->key,
                ],
                $failure->faults,
            )),
            default => $this->other($failure),
        }));
    }

    private function other(\Throwable $failure): Problem
    {
        if ($failure instanceof \JsonException) {
            return new Problem(400, 'This is no JSON: '.$failure->getMessage().'.');
        }
        if ($failure instanceof HttpExceptionInterface) {
            return new Problem($failure->getStatusCode(), self::title($failure->getStatusCode()));
        }
        $this->logger->critical('Another program asked for what failed.', ['exception' => $failure]);

        return new Problem(500, 'Something went wrong and nothing was changed.');
    }

    private static function isAsked(string $path): bool
    {
        return str_starts_with($path, ApiController::PATH.'/');
    }

    /**
     * Returns whether somebody may not, which is said where it is for pages.
     */
    private static function isOfGuard(\Throwable $failure): bool
    {
        return $failure instanceof AccessDeniedException || $failure instanceof AuthenticationException;
    }

    private static function title(int $status): string
    {
        $title = Response::$statusTexts[$status] ?? '';

        return \is_string($title) ? $title : '';
    }

    private function said(Problem $problem): JsonResponse
    {
        return new JsonResponse(array_filter([
            'type' => 'about:blank',
            'title' => self::title($problem->status),
            'status' => $problem->status,
            'detail' => $problem->getMessage(),
            'faults' => $problem->faults,
        ], static fn (mixed $value): bool => [] !== $value && '' !== $value), $problem->status, [
            'Content-Type' => 'application/problem+json',
            'Cache-Control' => 'no-store',
        ]);
    }
}
