<?php

declare(strict_types=1);

namespace App\Screens\Card;

use App\Models\CardLink;
use App\Models\Paper;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\View\ComponentAttributeBag;

/** The card as one page of PDF. */
final readonly class CardPdf
{
    /** @param  CardLink|null  $link  whose address it shows as a code; null where there is none */
    public function __construct(private CardPage $page, private ?CardLink $link)
    {
    }

    public function bytes(Paper $paper): string
    {
        $drawing = view('card.drawing', ['page' => $this->page])->render();
        $options = new Options([
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'isJavascriptEnabled' => false,
            'defaultFont' => 'DejaVu Sans',
            'fontCache' => storage_path('framework/cache'),
            'fontDir' => storage_path('framework/cache'),
        ]);
        $pdf = new Dompdf($options);
        $pdf->loadHtml(
            view('card.pdf', [
                'page' => $this->page,
                'style' => (string) file_get_contents(resource_path('css/card-pdf.css')),
                'drawing' => self::data($drawing),
                'code' => $this->link === null
                        ? null
                        : self::data(
                            view('components.qr', [
                                'address' => url($this->link->address()),
                                'attributes' => new ComponentAttributeBag(),
                            ])->render(),
                        ),
            ])->render(),
            'UTF-8',
        );
        $pdf->setPaper($paper->value);
        $pdf->render();

        return (string) $pdf->output();
    }

    private static function data(string $svg): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode($svg);
    }
}
