<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ControllerArgumentsEvent;
use Symfony\Contracts\EventDispatcher\EventDispatcherInterface;

/**
 * Everything that a page sends is done alone, wholly and once: in one transaction that begins before anything is read,
 * and known by the id that its form carries when it is sent again.
 *
 * What takes long and keeps nothing, such as making a photo smaller, is done before, while arguments are resolved.
 */
#[AsEventListener(priority: -100)]
final readonly class Once
{
    /** The field, and the header, that says by which id a request is told from others. */
    public const FIELD = 'once';
    public const HEADER = 'X-Rinkel-Once';

    public function __construct(
        private ExclusiveTransaction $alone,
        private EventDispatcherInterface $events,
    ) {}

    public function __invoke(ControllerArgumentsEvent $event): void
    {
        $request = $event->getRequest();
        if (
            !$event->isMainRequest() || $request->isMethodSafe()
            || [] !== $event->getAttributes(ChangesNothing::class)
            || [] !== $event->getAttributes(KeepsByItself::class)
        ) {
            return;
        }
        // What stands in an address comes as text: called so, it becomes the number that a controller asks for.
        $controller = new \ReflectionFunction($event->getController()(...));
        $event->setController(fn (mixed ...$arguments): Response => $this->answer(
            $request,
            fn (): Response => $this->told($request, self::response($controller->invokeArgs($arguments))),
        ));
    }

    /**
     * @param callable(): Response $answer
     */
    private function answer(Request $request, callable $answer): Response
    {
        $sent = $request->request->all();
        $id = $request->headers->get(self::HEADER) ?? $sent[self::FIELD] ?? '';
        $isId = \is_string($id) && 1 === preg_match('/^[0-9a-f]{16,64}$/D', $id);
        unset($sent[self::FIELD]);
        $result = $this->alone->once(
            $isId ? $id : '',
            $request->getMethod().' '.$request->getPathInfo().' '.serialize([$sent, self::files($request)]),
            $answer,
            static fn (Response $response): ?string => $response->isRedirect() || $response->isEmpty()
                ? $response->getStatusCode().' '.$response->headers->get('Location')
                : null,
        );
        if ($result instanceof Response) {
            return $result;
        }
        [$status, $location] = explode(' ', $result, 2);

        return new Response(
            status: (int) $status,
            headers: array_filter(['Location' => $location], static fn (string $to): bool => '' !== $to),
        );
    }

    /**
     * Tells what was done, to whoever notes it within the same transaction.
     */
    private function told(Request $request, Response $response): Response
    {
        if ($response->getStatusCode() < 400) {
            $this->events->dispatch(new Done($request, $response));
        }

        return $response;
    }

    /**
     * @return list<string> what tells the files that were sent from others
     */
    private static function files(Request $request): array
    {
        $told = [];
        $files = $request->files->all();
        array_walk_recursive($files, static function (mixed $file) use (&$told): void {
            if ($file instanceof UploadedFile && $file->isValid()) {
                $told[] = (string) hash_file('xxh128', $file->getPathname());
            }
        });

        return $told;
    }

    private static function response(mixed $answer): Response
    {
        return $answer instanceof Response
            ? $answer : throw new \LogicException('A controller answers with a response.');
    }
}
