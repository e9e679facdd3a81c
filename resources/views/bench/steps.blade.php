<ol class="steps">
    @foreach (\App\Words\StationWords::steps($page->station, $page->analysed->described->family()) as $step)<li>{{ $step }}</li>@endforeach
</ol>
