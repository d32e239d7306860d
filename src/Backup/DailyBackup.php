<?php

declare(strict_types=1);

namespace Rinkel\App\Backup;

use Psr\Log\LoggerInterface;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Log\Photos;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\App\Platform\Files\UploadedFiles;
use Rinkel\App\Workshop\Deeds;
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
        private Bin $bin,
        private Photos $photos,
        private ExclusiveTransaction $alone,
        private UploadedFiles $arriving,
        private Deeds $deeds,
    ) {}

    public function __invoke(TerminateEvent $event): void
    {
        if ($event->getRequest()->isMethodSafe() && 'piece' !== $event->getRequest()->attributes->get('_route')) {
            try {
                if (null !== $this->backups->daily()) {
                    $this->sweep(); // after the copy, so that one day more can be gone back
                }
            } catch (\Throwable $failure) {
                $this->logger->error('The daily backup failed.', ['exception' => $failure]);
            }
        }
    }

    /**
     * Lets go of what was kept long enough.
     */
    private function sweep(): void
    {
        $this->alone->run(function (): void {
            $this->pieces->purge();
            $this->bin->purge();
            $this->photos->sweep();
            $this->alone->forget();
            $this->deeds->forget();
        });
        $this->arriving->sweep();
    }
}
