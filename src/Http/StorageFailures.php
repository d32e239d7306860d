<?php

declare(strict_types=1);

namespace Rinkel\App\Http;

use Psr\Log\LoggerInterface;
use Rinkel\App\Database\StorageFailure;
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
    public function __construct(
        private TranslatorInterface $translator,
        private Environment $twig,
        private LoggerInterface $logger,
    ) {}

    public function __invoke(ExceptionEvent $event): void
    {
        $failure = StorageFailure::in($event->getThrowable());
        if (null === $failure || !$event->isMainRequest()) {
            return;
        }
        $this->logger->critical('The database failed: '.$failure->value, ['exception' => $event->getThrowable()]);
        $request = $event->getRequest();
        $sentence = $this->translator->trans('storage.'.$failure->value);
        $event->setResponse($request->headers->has('HX-Request')
            ? new Response($sentence, Response::HTTP_SERVICE_UNAVAILABLE, ['Content-Type' => 'text/plain; charset=utf-8', 'X-Rinkel-Says' => 'yes'])
            : new Response($this->twig->render('storage.html.twig', [
                'sentence' => $sentence,
                'again' => $request->isMethodSafe() ? null : $request->getPathInfo(),
                'sent' => self::flat($request),
            ]), Response::HTTP_SERVICE_UNAVAILABLE));
        $event->allowCustomResponseCode();
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
