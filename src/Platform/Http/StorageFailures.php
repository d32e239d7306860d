<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

use Doctrine\DBAL\Connection;
use Psr\Log\LoggerInterface;
use Rinkel\App\Platform\Database\StorageFailure;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Contracts\Translation\TranslatorInterface;
use Twig\Environment;

/**
 * Says truly why something could not be kept or fetched, each cause in its own sentence, and gives back what was sent.
 */
#[AsEventListener(priority: 10)]
final readonly class StorageFailures
{
    /** With less room than this, in bytes, nothing can be kept. */
    private const LEAST = 131_072;

    public function __construct(
        private TranslatorInterface $translator,
        #[Autowire(lazy: true)]
        private Environment $twig,
        private LoggerInterface $logger,
        private Connection $connection,
    ) {}

    public function __invoke(ExceptionEvent $event): void
    {
        $failure = StorageFailure::in($event->getThrowable());
        if (null === $failure || !$event->isMainRequest()) {
            return;
        }
        $failure = $this->isFull() ? StorageFailure::Full : $failure;
        $isRace = StorageFailure::Meanwhile === $failure;
        $this->logger->log(
            $isRace ? 'notice' : 'critical',
            'The database failed: '.$failure->value,
            ['exception' => $event->getThrowable()],
        );
        $event->setResponse($this->page(
            $event->getRequest(),
            $this->translator->trans('storage.'.$failure->value),
            $isRace ? Response::HTTP_CONFLICT : Response::HTTP_SERVICE_UNAVAILABLE,
        ));
        $event->allowCustomResponseCode();
    }

    /**
     * Returns a page that says why something was not done, with what was sent on it.
     */
    public function page(Request $request, string $sentence, int $status): Response
    {
        return $request->headers->has('HX-Request')
            ? new Response($sentence, $status, [
                'Content-Type' => 'text/plain; charset=utf-8', 'X-Rinkel-Says' => 'yes',
            ])
            : new Response($this->twig->render('platform/storage.html.twig', [
                'sentence' => $sentence,
                'again' => $request->isMethodSafe() ? null : $request->getPathInfo(),
                'sent' => self::flat($request),
            ]), $status);
    }

    /**
     * SQLite says of a full disk now this, now that.
     */
    private function isFull(): bool
    {
        $path = $this->connection->getParams()['path'] ?? '';

        return '' !== $path && is_dir(\dirname($path)) && disk_free_space(\dirname($path)) < self::LEAST;
    }

    /**
     * Returns what was sent, by the names of its form.
     *
     * @return array<string, string>
     */
    private static function flat(Request $request): array
    {
        $query = http_build_query($request->request->all());
        $flat = [];
        foreach ('' === $query ? [] : explode('&', $query) as $pair) {
            [$name, $value] = explode('=', $pair, 2) + [1 => ''];
            $flat[urldecode($name)] = mb_scrub(urldecode($value));
        }

        return $flat;
    }
}
