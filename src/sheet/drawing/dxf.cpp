// A small writer of DXF R2000, because the writer of the library that reads them here (dxflib) has no owners
// for its handles and no picture for its dimensions, which other programs refuse: header, tables, blocks,
// entities, objects, with every handle's owner.
#include "sheet/drawing/dxf_tags.h"
#include "sheet/drawing/fonts.h"
#include "sheet/drawing/pens.h"
#include "sheet/drawing/sheet_files.h"

#include <QList>
#include <QString>

#include <algorithm>
#include <array>
#include <cmath>
#include <vector>

namespace fm {

namespace {

// Fixed handles of what every file has.
enum Handle : unsigned {
    none,
    table_vport,
    table_ltype,
    table_layer,
    table_style,
    table_view,
    table_ucs,
    table_appid,
    table_dimstyle,
    table_block,
    model_space,
    paper_space,
    model_block,
    model_end,
    paper_block,
    paper_end,
    root_dictionary,
    group_dictionary,
    first_free = 0x40
};

class DxfFile {
public:
    explicit DxfFile(const Drawing& page) : page_(page) {}

    QByteArray run() {
        for (const Item& item : page_.items) add_item(item);
        DxfTags file;
        DxfTags sections = tables();
        const std::string seed = dxf_handle(next_ + 1000);
        file.text(0, "SECTION").text(2, "HEADER");
        for (const std::string& comment : {page_.title, page_.author})
            if (!comment.empty()) file.text(999, dxf_text(comment));
        file.text(9, "$ACADVER").text(1, "AC1015");
        file.text(9, "$HANDSEED")
            .text(5, seed)
            .text(9, "$INSUNITS")
            .whole(70, 4)
            .text(9, "$MEASUREMENT")
            .whole(70, 1);
        file.text(9, "$EXTMIN").point(10, -page_.origin.x, -page_.origin.y);
        file.text(9, "$EXTMAX").point(10, page_.width - page_.origin.x, page_.height - page_.origin.y);
        file.text(0, "ENDSEC").text(0, "SECTION").text(2, "CLASSES").text(0, "ENDSEC");
        std::string text = file.str() + sections.str() + blocks();
        DxfTags entities;
        entities.text(0, "SECTION").text(2, "ENTITIES");
        text += entities.str() + entities_.str();
        DxfTags objects;
        objects.text(0, "ENDSEC").text(0, "SECTION").text(2, "OBJECTS");
        objects.text(0, "DICTIONARY")
            .text(5, dxf_handle(root_dictionary))
            .text(330, "0")
            .text(100, "AcDbDictionary");
        objects.whole(281, 1).text(3, "ACAD_GROUP").text(350, dxf_handle(group_dictionary));
        objects.text(0, "DICTIONARY")
            .text(5, dxf_handle(group_dictionary))
            .text(330, dxf_handle(root_dictionary));
        objects.text(100, "AcDbDictionary").whole(281, 1).text(0, "ENDSEC").text(0, "EOF");
        return QByteArray::fromStdString(text + objects.str());
    }

private:
    struct Block {
        std::string name;
        unsigned record = 0;
        std::string content;
    };

    std::string fresh() { return dxf_handle(next_++); }
    double x(Point p) const { return p.x - page_.origin.x; }
    double y(Point p) const { return p.y - page_.origin.y; }

    /// The nearest of the weights the format has, in hundredths of a millimetre.
    static int line_weight(double width_mm) {
        constexpr std::array weights{5, 9, 13, 15, 18, 20, 25, 30, 35, 40, 50, 53, 60, 70, 80, 90, 100};
        const auto off = [&](int weight) { return std::abs(weight - 100.0 * width_mm); };
        return *std::min_element(weights.begin(), weights.end(),
                                 [&](int a, int b) { return off(a) < off(b); });
    }

    static const char* line_type(LineStyle style) {
        switch (style) {
        case LineStyle::hidden: return "HIDDEN";
        case LineStyle::centre: return "CENTER";
        case LineStyle::solid: return "CONTINUOUS";
        }
        return "CONTINUOUS";
    }

    DxfTags& begin(DxfTags& to, const char* kind, unsigned owner, Layer layer, const char* type = "BYLAYER") {
        to.text(0, kind).text(5, fresh()).text(330, dxf_handle(owner)).text(100, "AcDbEntity");
        return to.text(8, layer_word(layer)).text(6, type);
    }

    /// A line with its pen.
    DxfTags& begin(DxfTags& to, const char* kind, unsigned owner, Layer layer, const Stroke& stroke) {
        return begin(to, kind, owner, layer, line_type(stroke.style))
            .whole(370, line_weight(stroke.width_mm));
    }

    void add_item(const Item& item) {
        if (const auto* linear = std::get_if<LinearDimension>(&item))
            add_linear(*linear);
        else if (const auto* ordinate = std::get_if<OrdinateDimension>(&item))
            add_ordinate(*ordinate);
        else
            add_plain(entities_, model_space, item);
    }

    void add_plain(DxfTags& to, unsigned owner, const Item& item) {
        if (const auto* path = std::get_if<Path>(&item))
            add_path(to, owner, *path);
        else if (const auto* circle = std::get_if<Circle>(&item))
            add_circle(to, owner, *circle);
        else if (const auto* text = std::get_if<Text>(&item))
            add_text(to, owner, *text);
    }

    void add_path(DxfTags& to, unsigned owner, const Path& path) {
        const auto& vertices = path.vertices;
        if (vertices.size() == 2 && !path.closed && vertices[0].bulge == 0.0 && path.wide_mm == 0.0) {
            begin(to, "LINE", owner, path.layer, path.stroke).text(100, "AcDbLine");
            to.point(10, x(vertices[0].at), y(vertices[0].at))
                .point(11, x(vertices[1].at), y(vertices[1].at));
            return;
        }
        begin(to, "LWPOLYLINE", owner, path.layer, path.stroke).text(100, "AcDbPolyline");
        to.whole(90, static_cast<int>(vertices.size())).whole(70, path.closed ? 1 : 0);
        if (path.wide_mm > 0) to.number(43, path.wide_mm);
        for (const Vertex& vertex : vertices) {
            to.number(10, x(vertex.at)).number(20, y(vertex.at));
            if (vertex.bulge != 0.0) to.number(42, vertex.bulge);
        }
    }

    void add_circle(DxfTags& to, unsigned owner, const Circle& circle) {
        begin(to, "CIRCLE", owner, circle.layer, circle.stroke).text(100, "AcDbCircle");
        to.point(10, x(circle.centre), y(circle.centre)).number(40, circle.radius);
    }

    void add_text(DxfTags& to, unsigned owner, const Text& text) {
        begin(to, "TEXT", owner, text.layer).text(100, "AcDbText").point(10, x(text.at), y(text.at));
        to.number(40, text.em_mm * cap_height_share).text(1, dxf_text(text.text));
        if (text.upright) to.number(50, 90.0);
        to.text(7, "FAIR").whole(72, text.anchor == TextAnchor::left     ? 0
                                     : text.anchor == TextAnchor::middle ? 1
                                                                         : 2);
        if (text.anchor != TextAnchor::left) to.point(11, x(text.at), y(text.at));
        to.text(100, "AcDbText");
    }

    /// A dimension's picture as an anonymous block; its name.
    std::string add_block(const std::vector<Item>& picture) {
        Block block;
        block.name = "*D" + std::to_string(blocks_.size() + 1);
        block.record = next_++;
        DxfTags content;
        for (const Item& item : picture) add_plain(content, block.record, item);
        block.content = content.str();
        blocks_.push_back(block);
        return blocks_.back().name;
    }

    void begin_dimension(const std::string& block, Point definition, Point text_at, int type,
                         const std::string& text, double measured) {
        begin(entities_, "DIMENSION", model_space, Layer::dimension)
            .text(100, "AcDbDimension")
            .text(2, block);
        entities_.point(10, x(definition), y(definition)).point(11, x(text_at), y(text_at));
        entities_.whole(70, type).whole(71, 5).number(42, measured).text(1, dxf_text(text)).text(3, "FAIR");
    }

    void add_linear(const LinearDimension& d) {
        const std::string block = add_block(drawn(d));
        const bool v = d.vertical;
        const Point line = v ? Point{d.line_at, d.to.y} : Point{d.to.x, d.line_at};
        const Point middle =
            v ? Point{d.line_at, 0.5 * (d.from.y + d.to.y)} : Point{0.5 * (d.from.x + d.to.x), d.line_at};
        begin_dimension(block, line, middle, 32, d.text, d.measured);
        entities_.text(100, "AcDbAlignedDimension")
            .point(13, x(d.from), y(d.from))
            .point(14, x(d.to), y(d.to));
        entities_.number(50, v ? 90.0 : 0.0).text(100, "AcDbRotatedDimension");
    }

    void add_ordinate(const OrdinateDimension& d) {
        const std::string block = add_block(drawn(d));
        begin_dimension(block, d.datum, d.end, 32 + (d.of_height ? 0 : 64) + 6, d.text, d.measured);
        entities_.text(100, "AcDbOrdinateDimension")
            .point(13, x(d.feature), y(d.feature))
            .point(14, x(d.end), y(d.end));
    }

    static void begin_table(DxfTags& to, const char* name, Handle handle, int count) {
        to.text(0, "TABLE")
            .text(2, name)
            .text(5, dxf_handle(handle))
            .text(330, "0")
            .text(100, "AcDbSymbolTable")
            .whole(70, count);
    }

    DxfTags& record(DxfTags& to, const char* kind, Handle table, const char* subclass, std::string_view name,
                    int handle_code = 5) {
        to.text(0, kind)
            .text(handle_code, fresh())
            .text(330, dxf_handle(table))
            .text(100, "AcDbSymbolTableRecord");
        return to.text(100, subclass).text(2, name).whole(70, 0);
    }

    void add_line_type(DxfTags& to, const char* name, const char* words, const std::vector<double>& dashes) {
        record(to, "LTYPE", table_ltype, "AcDbLinetypeTableRecord", name).text(3, words).whole(72, 65);
        double length = 0;
        for (const double dash : dashes) length += std::abs(dash);
        to.whole(73, static_cast<int>(dashes.size())).number(40, length);
        for (const double dash : dashes) to.number(49, dash).whole(74, 0);
    }

    DxfTags tables() {
        DxfTags to;
        to.text(0, "SECTION").text(2, "TABLES");
        begin_table(to, "VPORT", table_vport, 0);
        to.text(0, "ENDTAB");
        begin_table(to, "LTYPE", table_ltype, 5);
        for (const char* name : {"BYBLOCK", "BYLAYER", "CONTINUOUS"}) add_line_type(to, name, "", {});
        add_line_type(to, "HIDDEN", "Hidden", {1.6, -0.8});
        add_line_type(to, "CENTER", "Centre", {3.0, -0.6, 0.5, -0.6});
        to.text(0, "ENDTAB");
        begin_table(to, "LAYER", table_layer, 1 + static_cast<int>(all_layers.size()));
        add_layer(to, "0", 7, pens::thin);
        int colour = 1;
        for (const Layer layer : all_layers)
            add_layer(to, layer_word(layer), colour++, layer == Layer::cut ? pens::outline : pens::fine);
        to.text(0, "ENDTAB");
        begin_table(to, "STYLE", table_style, 2);
        for (const char* name : {"STANDARD", "FAIR"}) {
            record(to, "STYLE", table_style, "AcDbTextStyleTableRecord", name)
                .number(40, 0.0)
                .number(41, 1.0);
            to.number(50, 0.0).whole(71, 0).number(42, 2.5).text(3, "B612-Regular.otf").text(4, "");
        }
        to.text(0, "ENDTAB");
        begin_table(to, "VIEW", table_view, 0);
        to.text(0, "ENDTAB");
        begin_table(to, "UCS", table_ucs, 0);
        to.text(0, "ENDTAB");
        begin_table(to, "APPID", table_appid, 1);
        record(to, "APPID", table_appid, "AcDbRegAppTableRecord", "ACAD");
        to.text(0, "ENDTAB");
        begin_table(to, "DIMSTYLE", table_dimstyle, 2);
        to.text(100, "AcDbDimStyleTable").whole(71, 0);
        for (const char* name : {"STANDARD", "FAIR"})
            record(to, "DIMSTYLE", table_dimstyle, "AcDbDimStyleTableRecord", name, 105);
        to.text(0, "ENDTAB");
        begin_table(to, "BLOCK_RECORD", table_block, static_cast<int>(blocks_.size()) + 2);
        add_block_record(to, "*Model_Space", model_space);
        add_block_record(to, "*Paper_Space", paper_space);
        for (const Block& block : blocks_) add_block_record(to, block.name, block.record);
        return to.text(0, "ENDTAB").text(0, "ENDSEC");
    }

    void add_layer(DxfTags& to, const char* name, int colour, const Stroke& pen) {
        record(to, "LAYER", table_layer, "AcDbLayerTableRecord", name)
            .whole(62, colour)
            .text(6, "CONTINUOUS")
            .whole(370, line_weight(pen.width_mm));
    }

    static void add_block_record(DxfTags& to, std::string_view name, unsigned handle) {
        to.text(0, "BLOCK_RECORD").text(5, dxf_handle(handle)).text(330, dxf_handle(table_block));
        to.text(100, "AcDbSymbolTableRecord").text(100, "AcDbBlockTableRecord").text(2, name);
    }

    static void add_block_frame(DxfTags& to, std::string_view name, unsigned record,
                                const std::string& begin_handle, const std::string& end_handle,
                                const std::string& content, int flags) {
        DxfTags head;
        head.text(0, "BLOCK")
            .text(5, begin_handle)
            .text(330, dxf_handle(record))
            .text(100, "AcDbEntity")
            .text(8, "0");
        head.text(100, "AcDbBlockBegin")
            .text(2, name)
            .whole(70, flags)
            .point(10, 0.0, 0.0)
            .text(3, name)
            .text(1, "");
        DxfTags tail;
        tail.text(0, "ENDBLK")
            .text(5, end_handle)
            .text(330, dxf_handle(record))
            .text(100, "AcDbEntity")
            .text(8, "0");
        tail.text(100, "AcDbBlockEnd");
        to.raw(head.str() + content + tail.str());
    }

    std::string blocks() {
        DxfTags to;
        to.text(0, "SECTION").text(2, "BLOCKS");
        add_block_frame(to, "*Model_Space", model_space, dxf_handle(model_block), dxf_handle(model_end), "",
                        0);
        add_block_frame(to, "*Paper_Space", paper_space, dxf_handle(paper_block), dxf_handle(paper_end), "",
                        0);
        for (const Block& block : blocks_)
            add_block_frame(to, block.name, block.record, fresh(), fresh(), block.content, 1);
        return to.text(0, "ENDSEC").str();
    }

    const Drawing& page_;
    unsigned next_ = first_free;
    DxfTags entities_;
    std::vector<Block> blocks_;
};

} // namespace

std::string dxf_text(std::string_view utf8) {
    std::string out;
    for (const char32_t sign : QString::fromUtf8(utf8.data(), static_cast<qsizetype>(utf8.size())).toUcs4()) {
        if (sign < 0x20 || sign == 0x7F)
            out += ' ';
        else if (sign < 0x7F)
            out += static_cast<char>(sign);
        else if (sign <= 0xFFFF) {
            std::string digits = dxf_handle(static_cast<unsigned>(sign));
            out += "\\U+" + std::string(4 - std::min<std::size_t>(4, digits.size()), '0') + digits;
        } else
            out += '?'; // the format's escape has four digits
    }
    return out;
}

QByteArray dxf_of(const Drawing& page) {
    return DxfFile(page).run();
}

} // namespace fm
