<?php

declare(strict_types=1);

namespace App\Screens\Card;

use App\Models\Paper;
use Dompdf\Dompdf;
use Dompdf\Options;

/** The card as one page of PDF. */
final readonly class CardPdf
{
    public function __construct(private CardPage $page)
    {
    }

    public function bytes(Paper $paper): string
    {
        $drawing = view('card.drawing', ['page' => $this->page])->render();
        $options = new Options(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isJavascriptEnabled' => false, 'defaultFont' => 'DejaVu Sans', 'fontCache' => storage_path('framework/cache'), 'fontDir' => storage_path('framework/cache')]);
        $pdf = new Dompdf($options);
        $pdf->loadHtml(view('card.pdf', ['page' => $this->page, 'drawing' => 'data:image/svg+xml;base64,'.base64_encode($drawing)])->render(), 'UTF-8');
        $pdf->setPaper($paper->value);
        $pdf->render();

        return (string) $pdf->output();
    }
}
