@extends('paper.sheet')
@section('style')
.package { width: 62mm; font-size: 8pt; }
.brings { width: 24mm; }
@endsection
@section('sheet')
<h1>{{ $title }}</h1>
<p class="muted">For {{ $work }}. {{ $date }}</p>
@if ($rows === [])
<p>Nothing is short that could be bought.</p>
@else
<table>
<thead><tr><th></th><th>What</th><th class="package">Package</th><th class="number">Count</th><th class="brings number">Brings</th><th class="number">Each</th><th class="number">Cost, {{ $currency }}</th></tr></thead>
<tbody>
@foreach ($rows as [$what, $package, $count, $brings, $each, $cost])
<tr>
<td><div class="tick"></div></td>
<td>{{ $what }}</td>
<td class="package">{{ $package }}</td>
<td class="number">{{ $count }}</td>
<td class="number">{{ $brings }}</td>
<td class="number">{{ $each }}</td>
<td class="number">{{ $cost }}</td>
</tr>
@endforeach
<tr><td colspan="6"><b>All together</b></td><td class="number"><b>{{ $total }} {{ $currency }}</b></td></tr>
</tbody>
</table>
@endif
@endsection
