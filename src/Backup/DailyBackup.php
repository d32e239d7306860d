<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Psr\Log\LoggerInterface;
use Rinkel\App\Piece\Pieces;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\TerminateEvent;

/**
 * Once a day, after a page was answered, copies the database.
 */
#[AsEventListener]
final readonly class DailyBackup
{
    public function __construct(
        private Backups $backups,
        private LoggerInterface $logger,
        private Pieces $pieces,
    ) {}

    public function __invoke(TerminateEvent $event): void
    {
        if ($event->getRequest()->isMethodSafe() && 'piece' !== $event->getRequest()->attributes->get('_route')) {
            try {
                $this->backups->daily();
                $this->pieces->purge(); // after the copy, so that one day more can be gone back
            } catch (\Throwable $failure) {
                $this->logger->error('The daily backup failed.', ['exception' => $failure]);
            }
        }
    }
}
