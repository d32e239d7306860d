<?php

declare(strict_types=1);

namespace Rinkel\App\Kept;

use Psr\Log\LoggerInterface;
use Rinkel\App\Platform\Http\StorageFailures;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;

/**
 * What the door refused, and no page foresaw, is told as a sentence, with what was sent; nothing of it is kept.
 */
#[AsEventListener(priority: -1)]
final readonly class Refused
{
    public function __construct(
        private Wording $wording,
        private StorageFailures $pages,
        private LoggerInterface $logger,
    ) {}

    public function __invoke(ExceptionEvent $event): void
    {
        $refused = $event->getThrowable();
        if (!$refused instanceof PieceUnreadable || !$event->isMainRequest() || null !== $event->getResponse()) {
            return;
        }
        $this->logger->error('What was sent could not be read back.', ['exception' => $refused]);
        $event->setResponse($this->pages->page(
            $event->getRequest(),
            $this->wording->told(new Message('unkept', ['why' => $refused->said()])),
            Response::HTTP_UNPROCESSABLE_ENTITY,
        ));
        $event->allowCustomResponseCode();
    }
}
